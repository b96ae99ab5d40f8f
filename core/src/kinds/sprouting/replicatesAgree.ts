import { itemAt, lastOf } from '../../invariant';

/**
 * Largest spread between four replicates of 100 seeds that chance allows at a mean percentage (ISTA Rules ch. 5, after Miles SR 1963; from memory).
 * The table is symmetric about 50%; between its rows it is linear.
 */
const TOLERANCE: readonly (readonly [mean: number, points: number])[] = [
  [50, 20],
  [80, 16],
  [95, 9],
  [99, 5],
];

/** Tolerated points between the highest and lowest of four hundreds at a mean percentage; null outside the table. */
export function toleratedSpread(mean: number): number | null {
  const side = Math.max(mean, 100 - mean);
  if (side > lastOf(TOLERANCE)[0]) return null;
  const above = TOLERANCE.findIndex(([at]) => at >= side);
  if (above <= 0) return itemAt(TOLERANCE, 0)[1];
  const [low, high] = [itemAt(TOLERANCE, above - 1), itemAt(TOLERANCE, above)];
  return low[1] + ((side - low[0]) * (high[1] - low[1])) / (high[0] - low[0]);
}

/** Whether four replicates of a hundred agree within what chance allows; null where the table says nothing. */
export function replicatesAgree(percentages: readonly [number, number, number, number]): boolean | null {
  const mean = percentages.reduce((a, b) => a + b, 0) / 4;
  const tolerated = toleratedSpread(mean);
  return tolerated === null ? null : Math.max(...percentages) - Math.min(...percentages) <= tolerated;
}
