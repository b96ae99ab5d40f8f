import gammaln from '@stdlib/math-base-special-gammaln';
import { integrate } from './quadrature';

const PANELS = 6;

/**
 * Mean of a chance over a spread that is itself found from data: s, with df s² chi-square on df degrees of freedom.
 * Integrated over the logarithm of s, so that small chances and few degrees of freedom keep their digits.
 * @param tail chance at a spread s, as a share of the true one
 * @param df degrees of freedom of the spread, above 0
 * @param panels of 40 points
 * @returns a chance
 */
export function overSpread(tail: (s: number) => number, df: number, panels = PANELS): number {
  const logConstant = (df / 2) * Math.log(df / 2) - gammaln(df / 2) + Math.LN2;
  const width = 9 / Math.sqrt(2 * df);
  const low = Math.max(1 - width, 1e-16 ** (1 / df) / 2);
  // Over u = log s: the density of s times s.
  const share = (u: number) => {
    const s = Math.exp(u);
    return Math.exp(logConstant + df * u - (df * s * s) / 2) * tail(s);
  };
  return integrate(share, Math.log(low), Math.log(1 + width * (df < 5 ? 1.6 : 1.1)), panels);
}
