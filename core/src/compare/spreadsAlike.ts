import { linearModel } from '../stats/linearModel';
import type { ArmFit } from './armFit';

/** From fewer units an arm's own spread says too little of whether it is like the others'. */
const FEWEST = 4;
/** The most by which one arm's variance may exceed that of the rest: a spread 1.6 times as wide. */
const MOST = 2.5;

/**
 * Whether one spread may be reckoned for all arms: each arm has four units or more, none has fewer than half as many as another, and none
 * looks more than 1.6 times as variable as the rest. Found by simulation (docs/method.md): with it, arms that are four times as variable
 * still get honest intervals, and alike ones lose little by having been asked.
 * @param model all arms fitted together
 * @returns false where in doubt
 */
export function spreadsAlike(model: ArmFit): boolean {
  const { values, arms, fit } = model;
  const sizes = arms.map((arm) => values.filter((unit) => unit.arm === arm).length);
  if (fit.residualDf <= 0 || Math.min(...sizes) < FEWEST || Math.min(...sizes) * 2 < Math.max(...sizes)) return false;
  const known = ownSpreads(model);
  return known.every(({ spread, df }, i) => {
    const rest = known.filter((_, j) => j !== i);
    const pooled = rest.reduce((sum, own) => sum + own.spread * own.df, 0) / rest.reduce((sum, own) => sum + own.df, 0);
    return df > 0 && spread <= MOST * pooled;
  });
}

/**
 * Each arm's own variance from the residuals of the whole: their squares expect Σⱼ Aᵢⱼ σⱼ², which is solved for σ².
 * @param model all arms fitted together
 * @returns a variance an arm, below 0 where the readings allow none, with its degrees of freedom
 * Source: Rao CR (1970) JASA 65:161–172 (MINQUE with equal weights).
 */
export function ownSpreads({ values, arms, fit, columns }: ArmFit): { readonly spread: number; readonly df: number }[] {
  // Without strata the residuals of an arm are its own.
  if (columns.length === arms.length) {
    return arms.map((arm) => {
      const own = fit.residuals.filter((_, i) => values[i].arm === arm);
      const df = own.length - 1;
      return { spread: own.reduce((sum, residual) => sum + residual ** 2, 0) / Math.max(1, df), df };
    });
  }
  const members = arms.map((arm) => values.flatMap((unit, i) => (unit.arm === arm ? [i] : [])));
  const weighted = values.map((_, i) =>
    columns.map((__, a) => columns.reduce((sum, column, b) => sum + column[i] * fit.unscaledCovariance[b][a], 0)),
  );
  const hat = (i: number, j: number) => columns.reduce((sum, column, a) => sum + weighted[i][a] * column[j], 0);
  const shared = members.map((own) =>
    members.map((other) => own.reduce((sum, i) => sum + other.reduce((inner, j) => inner + ((i === j ? 1 : 0) - hat(i, j)) ** 2, 0), 0)),
  );
  const squares = members.map((own) => own.reduce((sum, i) => sum + fit.residuals[i] ** 2, 0));
  const solved = linearModel(squares, shared).coefficients;
  return members.map((_, i) => ({ spread: solved[i] ?? -1, df: shared[i][i] }));
}
