import { findRoot } from './findRoot';
import { normalUpper } from './normalTails';
import { overSpread } from './overSpread';
import { tQuantile, tTwoSided } from './tTails';

/**
 * Chance that the largest of several independent |t| with one spread in common is at least this large (studentised maximum modulus).
 * With Welch's degrees of freedom it is the p of Dunnett's T3: comparisons whose spreads differ, all held at once.
 * Source: Stoline MR, Ury HK (1979) Technometrics 21:87–93; Dunnett CW (1980) JASA 75:796–800.
 * @param t of either sign
 * @param comparisons how many are held at once
 * @param df degrees of freedom of the spread, above 0
 * @returns a chance
 */
export function maximumP(t: number, comparisons: number, df: number): number {
  const size = Math.abs(t);
  if (size === 0) return 1;
  if (comparisons === 1) return tTwoSided(size, df);
  const p = overSpread((s) => -Math.expm1(comparisons * Math.log1p(-2 * normalUpper(size * s))), df);
  return Math.min(1, Math.max(p, tTwoSided(size, df)));
}

/**
 * The |t| that the largest of several exceeds with chance `alpha`.
 * @param comparisons how many are held at once
 * @param df degrees of freedom of the spread, above 0
 * @param alpha chance that any of them exceeds it
 * @returns half width of the simultaneous intervals, in standard errors
 * @example maximumCritical(3, 10) // 2.829
 */
export function maximumCritical(comparisons: number, df: number, alpha = 0.05): number {
  const start = tQuantile(1 - alpha / 2, df);
  if (comparisons === 1) return start;
  const widest = tQuantile(1 - alpha / 2 / comparisons, df) * 1.001;
  return findRoot((t) => maximumP(t, comparisons, df) - alpha, start * 0.999, widest);
}
