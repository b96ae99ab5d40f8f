import { centre, sd } from './moments';
import { tQuantile } from './tTails';

/** Lower and upper end of an interval. */
export type Interval = readonly [number, number];

/**
 * 95% interval of the mean from Student's t (Student 1908); null with fewer than two values.
 * @param values one a unit
 * @param level 0.95 for 95%
 * @returns lower and upper end, in the values' unit
 */
export function meanInterval(values: readonly number[], level = 0.95): Interval | null {
  const spread = sd(values);
  if (spread === null) return null;
  const half = (tQuantile((1 + level) / 2, values.length - 1) * spread) / Math.sqrt(values.length);
  const middle = centre(values);
  return [middle - half, middle + half];
}
