import gammainc from '@stdlib/math-base-special-gammainc';

/**
 * Upper tail of chi-square, P(X > x), computed as a tail and not as 1 − cdf.
 * @param x 0 or more
 * @param df degrees of freedom, above 0
 * @returns a chance
 * @example chiSquareUpper(3.841459, 1) // 0.05
 */
export function chiSquareUpper(x: number, df: number): number {
  if (x <= 0) return 1;
  return gammainc(x / 2, df / 2, true, true);
}
