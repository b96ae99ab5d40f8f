import { cellAt, itemAt } from '../invariant';
import { fUpper } from '../stats/fUpper';
import { fitTo } from '../stats/linearModel';
import type { ArmFit } from './armFit';

/** From fewer units an arm's own spread says too little of whether it is like the others'. */
const FEWEST = 4;
/**
 * The most by which an arm's variance may exceed that of the rest: twice and a half where six units or more show it, more where fewer do, and
 * in blocks, which hide a part of it.
 */
const mostBy = (df: number) => Math.max(2.5, 1 + 7.5 / df);
/** Chance, over all arms, of an arm by far more variable than the rest where none is: one that would drown the others in a spread not theirs. */
const BY_FAR = 0.01;

/**
 * Which arms may be compared by the one spread of all: each has four units or more, none has fewer than half as many as another, none of
 * them looks much more variable than the rest, and no third arm by far. Found by simulation (docs/method.md): arms that are four times as
 * variable still get honest intervals, and alike ones lose little by having been asked.
 * @param model all arms fitted together
 * @returns whether these arms may; false where in doubt
 */
export function spreadsAlike(model: ArmFit): (arms: readonly string[]) => boolean {
  const { values, arms, fit } = model;
  if (fit.residualDf <= 0) return () => false;
  const known = ownSpreads(model);
  const beside = known.map(({ spread, df }, i) => {
    const rest = known.filter((_, j) => j !== i);
    const restDf = rest.reduce((sum, own) => sum + own.df, 0);
    const pooled = rest.reduce((sum, own) => sum + own.spread * own.df, 0) / restDf;
    if (!(df > 0 && restDf > 0)) return { isLike: false, isByFar: true };
    const isLike = spread <= mostBy(df) * pooled;
    return { isLike, isByFar: !isLike && (pooled <= 0 || fUpper(spread / pooled, df, restDf) < BY_FAR / arms.length) };
  });
  if (beside.some(({ isByFar }) => isByFar)) return () => false;
  const sizes = arms.map((arm) => values.filter((unit) => unit.arm === arm).length);
  return (compared) => {
    const at = compared.map((arm) => arms.indexOf(arm));
    const own = at.map((i) => itemAt(sizes, i));
    return Math.min(...own) >= FEWEST && Math.min(...own) * 2 >= Math.max(...own) && at.every((i) => itemAt(beside, i).isLike);
  };
}

/**
 * Each arm's own variance from the residuals of the whole: their squares expect Σⱼ Aᵢⱼ σⱼ², which is solved for σ².
 * @param model all arms fitted together
 * @returns a variance an arm, below 0 where the readings allow none, with its degrees of freedom
 * Source: Rao CR (1970) JASA 65:161–172 (MINQUE with equal weights).
 */
export function ownSpreads({ values, arms, fit, model }: ArmFit): { readonly spread: number; readonly df: number }[] {
  // Without strata the residuals of an arm are its own.
  if (model.strata === 1) {
    return arms.map((arm) => {
      const own = fit.residuals.filter((_, i) => itemAt(values, i).arm === arm);
      const df = own.length - 1;
      return { spread: own.reduce((sum, residual) => sum + residual ** 2, 0) / Math.max(1, df), df };
    });
  }
  const members = arms.map((arm) => values.flatMap((unit, i) => (unit.arm === arm ? [i] : [])));
  const { shares, decomposition } = model.residuals();
  const squares = members.map((own) => own.reduce((sum, i) => sum + itemAt(fit.residuals, i) ** 2, 0));
  const solved = fitTo(decomposition, squares).coefficients;
  return members.map((_, i) => ({ spread: solved[i] ?? -1, df: cellAt(shares, i, i) }));
}
