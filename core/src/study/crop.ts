import { crops, type Crop } from '../data/crops';
import { primaryOf, type Experiment, type Plan } from '../model';
import { dimensionOf } from '../quantities/units';
import { wordsOf } from '../quantities/wordsOf';

interface Named {
  readonly crop: Crop;
  /** Under which of its names. */
  readonly name: string;
}

const known: readonly (Named & { readonly words: readonly string[] })[] = crops
  .flatMap((crop) => crop.names.map((name) => ({ crop, name, words: wordsOf(name) })))
  .sort((a, b) => b.words.length - a.words.length);

/**
 * The crop that a plant is, found by its name: "sweet pea seed" is a sweet pea and no pea.
 * @param plant as it was typed
 * @returns null where the table of crops has none
 */
export function cropNamed(plant: string): Named | null {
  return namedIn(plant)[0] ?? null;
}

/**
 * Every crop that a text names.
 * @param text any words
 */
export const cropsIn = (text: string): Crop[] => namedIn(text).map(({ crop }) => crop);

/** Crops by the words of their names, the longest names first. */
function namedIn(text: string): Named[] {
  const said = wordsOf(text);
  const hasAt = (words: readonly string[], at: number) => words.every((word, i) => said[at + i] === word);
  return known.filter(({ words }) => said.some((_, at) => hasAt(words, at)));
}

/**
 * What growers know of the crop of a plan.
 * @returns null where the plan names none, or one that the table has not
 */
export function cropOf({ crop }: Pick<Plan, 'crop'>): Crop | null {
  return crops.find(({ code }) => code === crop) ?? null;
}

/**
 * The plant alone, without the word for what of it is put in.
 * @returns "pea" of "pea seed" where its crop is known, else the plant as it was typed
 */
export function cropName(plan: Pick<Plan, 'crop' | 'plant'>): string {
  const crop = cropOf(plan);
  if (crop === null) return plan.plant;
  const named = cropNamed(plan.plant);
  return named?.crop === crop ? named.name : (crop.names[0] ?? plan.plant);
}

/**
 * How far plants of the crop differ by themselves in what decides, as growers know it: of masses alone.
 * @returns SD as a share of the mean; null where the table has none
 */
export function usualSpread({ plan, measures }: Pick<Experiment, 'plan' | 'measures'>): number | null {
  const deciding = primaryOf(measures);
  return deciding && dimensionOf(deciding.unit) === 'mass' ? (cropOf(plan)?.mass?.spread ?? null) : null;
}
