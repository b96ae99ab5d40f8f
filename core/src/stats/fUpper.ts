import betainc from '@stdlib/math-base-special-betainc';

/**
 * Upper tail of Fisher's F, P(F > f), computed as a tail and not as 1 − cdf.
 * @param f 0 or more
 * @param df1 degrees of freedom above the line
 * @param df2 degrees of freedom below the line
 * @returns a chance
 * @example fUpper(4.964603, 1, 10) // 0.05
 */
export function fUpper(f: number, df1: number, df2: number): number {
  if (f <= 0) return 1;
  return betainc(df2 / (df2 + df1 * f), df2 / 2, df1 / 2);
}
