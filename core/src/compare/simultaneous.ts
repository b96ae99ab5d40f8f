import { cellAt, itemAt } from '../invariant';
import { dunnettCritical, dunnettP } from '../stats/dunnett';
import { maximumCritical, maximumP } from '../stats/studentisedMaximum';
import { tQuantile, tTwoSided } from '../stats/tTails';
import { tukeyCritical, tukeyP } from '../stats/tukey';
import { covary, type ArmFit } from './armFit';
import type { Held } from './Gap';

/** One comparison alone: Student's t. */
export const alone: Held = { critical: (df) => tQuantile(0.975, df), p: tTwoSided };

/**
 * All pairs of arms at once, by the studentized range: Tukey–Kramer with a pooled spread, Games–Howell with Welch's errors and degrees of
 * freedom. Source: Kramer (1956); Games PA, Howell JF (1976) J Educ Stat 1:113–125.
 * @param arms that have values
 */
export function allPairs(arms: number): Held {
  return { critical: (df) => tukeyCritical(arms, df) / Math.SQRT2, p: (t, df) => tukeyP(Math.abs(t) * Math.SQRT2, arms, df) };
}

/**
 * Comparisons whose spreads differ, all at once: Dunnett's T3. Source: Dunnett CW (1980) JASA 75:796–800.
 * @param comparisons how many
 */
export function t3(comparisons: number): Held {
  return { critical: (df) => maximumCritical(comparisons, df), p: (t, df) => maximumP(t, comparisons, df) };
}

/**
 * Comparisons with one control and a pooled spread, all at once: Dunnett's.
 * @param gaps weights on the model's coefficients, one a comparison
 */
export function withControl(model: ArmFit, gaps: readonly (readonly number[])[]): Held {
  if (gaps.length === 1) return alone;
  const loadings = sharedLoadings(gaps.map((a) => gaps.map((b) => covary(model, a, b))));
  return { critical: (df) => dunnettCritical(loadings, df), p: (t, df) => dunnettP(t, loadings, df) };
}

/** Loadings λ with correlation ij = λi λj, exact where arms are compared with one control in one group or in complete blocks, else the mean over triads. */
function sharedLoadings(covariance: readonly (readonly number[])[]): number[] {
  const rho = (i: number, j: number) => {
    const known = cellAt(covariance, i, j) / Math.sqrt(cellAt(covariance, i, i) * cellAt(covariance, j, j));
    // Where arms and blocks cannot be told apart there is none; a half is that of equal arms.
    return Number.isFinite(known) ? known : 0.5;
  };
  return covariance.map((_, i) => {
    const others = covariance.map((__, j) => j).filter((j) => j !== i);
    if (others.length === 1) return Number(Math.sqrt(Math.max(0, rho(i, itemAt(others, 0)))).toPrecision(12));
    const squares = others.flatMap((j, at) => others.slice(at + 1).map((k) => (rho(i, j) * rho(i, k)) / rho(j, k)));
    const square = squares.reduce((a, b) => a + b, 0) / squares.length;
    // Rounded so that loadings that are equal but for their last bits are the same number.
    return Number(Math.sqrt(Math.min(0.999, Math.max(0, Number.isFinite(square) ? square : 0.5))).toPrecision(12));
  });
}
