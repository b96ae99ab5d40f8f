import betainc from '@stdlib/math-base-special-betainc';
import quantile from '@stdlib/stats-base-dists-t-quantile';

/**
 * Upper tail of Student's t, P(T > t), through the incomplete beta function so that far tails keep their digits.
 * @param t any number
 * @param df degrees of freedom, above 0, not necessarily whole
 * @returns a chance
 */
export function tUpper(t: number, df: number): number {
  const both = betainc(df / (df + t * t), df / 2, 0.5);
  return t >= 0 ? both / 2 : 1 - both / 2;
}

/**
 * Two-sided tail of Student's t, P(|T| > |t|).
 * @param t any number
 * @param df degrees of freedom, above 0
 * @returns a chance
 * @example tTwoSided(2.228139, 10) // 0.05
 */
export function tTwoSided(t: number, df: number): number {
  return betainc(df / (df + t * t), df / 2, 0.5);
}

/**
 * The t with probability `p` below it.
 * @param p in (0, 1)
 * @param df degrees of freedom, above 0
 * @returns t
 * @example tQuantile(0.975, 10) // 2.228139
 */
export function tQuantile(p: number, df: number): number {
  return quantile(p, df);
}
