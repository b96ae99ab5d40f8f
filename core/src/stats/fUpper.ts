import betainc from '@stdlib/math-base-special-betainc';

/** Upper tail of Fisher's F, P(F > f), computed as a tail and not as 1 − cdf. */
export function fUpper(f: number, df1: number, df2: number): number {
  if (f <= 0) return 1;
  return betainc(df2 / (df2 + df1 * f), df2 / 2, df1 / 2);
}
