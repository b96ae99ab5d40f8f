import erfc from '@stdlib/math-base-special-erfc';
import quantile from '@stdlib/stats-base-dists-normal-quantile';

/**
 * Upper tail of the standard normal, P(Z > z).
 * @param z any number
 * @returns a chance
 */
export function normalUpper(z: number): number {
  return erfc(z / Math.SQRT2) / 2;
}

/**
 * The z with probability `p` below it.
 * @param p in (0, 1)
 * @returns z
 * @example normalQuantile(0.975) // 1.959964
 */
export function normalQuantile(p: number): number {
  return quantile(p, 0, 1);
}
