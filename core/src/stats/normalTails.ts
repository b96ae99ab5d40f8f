import erfc from '@stdlib/math-base-special-erfc';
import quantile from '@stdlib/stats-base-dists-normal-quantile';

/** Upper tail of the standard normal, P(Z > z). */
export function normalUpper(z: number): number {
  return erfc(z / Math.SQRT2) / 2;
}

/** The z with probability `p` below it. */
export function normalQuantile(p: number): number {
  return quantile(p, 0, 1);
}
