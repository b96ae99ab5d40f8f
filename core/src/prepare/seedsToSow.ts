import binomialCdf from '@stdlib/stats-base-dists-binomial-cdf';

export interface SeedsToSow {
  /** Plants wanted over the chance of each, rounded up: enough on average. */
  readonly onAverage: number;
  /** Fewest seeds that give the plants wanted with 90% chance. */
  readonly forSure: number;
}

/**
 * Seeds to sow for a number of plants. Null where no seed can become a plant.
 * @param germination share that sprouts, 0 to 1  @param survival share of sprouts that live, 0 to 1
 * Source: binomial distribution; common practice for the plain quotient.
 */
export function seedsToSow(plants: number, germination: number, survival: number, confidence = 0.9): SeedsToSow | null {
  const chance = germination * survival;
  if (!(chance > 0) || chance > 1 || plants < 0) return null;
  const onAverage = Math.ceil(plants / chance - 1e-9);
  let forSure = Math.max(1, plants);
  while (1 - binomialCdf(plants - 1, forSure, chance) < confidence) forSure++;
  return { onAverage, forSure: plants === 0 ? 0 : forSure };
}
