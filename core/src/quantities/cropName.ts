/**
 * The plant alone, without the word for what of it is put in.
 * @param plant as it was typed: "pea seed", "lettuce in water"
 * @returns "pea", "lettuce"
 */
export function cropName(plant: string): string {
  return plant.replace(/ (seeds?|seedlings?|cuttings?|leaves|microgreens|plants?|in (water|a \w+))$/, '');
}
