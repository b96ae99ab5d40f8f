import { cellAt, itemAt } from '../invariant';
import type { Arm } from '../model';
import { crossedFactors, type Factor } from '../model/factors';
import { combine, type ArmFit } from './armFit';
import type { Effect } from './Contrast';
import { intervalOf, type MeanDifference, type Held } from './Gap';
import { withoutRounding } from './isFlat';
import { alone, t3 } from './simultaneous';
import { ownSpreads, spreadsAlike } from './spreadsAlike';

/**
 * What each factor does, its levels compared over those of the others with equal weight (marginal means), each held together with the other
 * levels of its factor. With one spread for all arms where they look alike in it, else each with its own and Satterthwaite's degrees of freedom.
 * Source: Searle SR, Speed FM, Milliken GA (1980) Am Stat 34:216–221.
 * @param model all arms fitted together
 * @param arms that are compared
 * @returns none where the arms do not cross two factors or more, or where a combination has no values
 */
export function factorEffects(model: ArmFit, arms: readonly Arm[]): Effect[] {
  const factors = crossedFactors(arms);
  if (factors.length === 0 || arms.some(({ code: arm }) => model.weights(arm) === null)) return [];
  const alike = spreadsAlike(model)(model.arms);
  return factors.flatMap((factor) => {
    const [first, ...others] = factor.levels;
    if (first === undefined) return [];
    const held = others.length === 1 ? alone : t3(others.length);
    return others.map((level) => effectOf(factor, level, gapOf(model, arms, [factor.name, level, first], alike), held));
  });
}

function gapOf(
  model: ArmFit,
  arms: readonly Arm[],
  [factor, level, versus]: readonly [factor: string, level: string, versus: string],
  alike: boolean,
): MeanDifference {
  const meanOf = (of: string) => {
    const own = arms.filter((arm) => arm.factors[factor] === of).map(({ code: arm }) => model.weights(arm) ?? []);
    return itemAt(own, 0).map((_, i) => own.reduce((sum, weights) => sum + itemAt(weights, i), 0) / own.length);
  };
  const [treated, control] = [meanOf(level), meanOf(versus)];
  const weights = treated.map((weight, i) => weight - itemAt(control, i));
  const value = withoutRounding(
    combine(model, weights),
    model.values.map((unit) => unit.value),
  );
  const parts = variancesOf(model, weights, alike);
  const variance = parts.reduce((sum, own) => sum + own.variance, 0);
  const means = { value, treated: combine(model, treated), control: combine(model, control) };
  const df = variance ** 2 / parts.reduce((sum, own) => sum + own.variance ** 2 / own.df, 0);
  return {
    ...means,
    varianceTreated: 0,
    varianceControl: 0,
    covariance: 0,
    error: model.meanSquare === null ? null : Math.sqrt(variance),
    df,
  };
}

/** Variance of a sum of coefficients, in the parts that the spreads of the arms make of it. */
function variancesOf(model: ArmFit, weights: readonly number[], alike: boolean): { readonly variance: number; readonly df: number }[] {
  const {
    values,
    arms,
    fit,
    model: { columns },
  } = model;
  const solved = columns.map((_, a) => weights.reduce((sum, weight, b) => sum + weight * cellAt(fit.unscaledCovariance, a, b), 0));
  const ofUnit = values.map((_, i) => columns.reduce((sum, column, a) => sum + itemAt(column, i) * itemAt(solved, a), 0));
  const squares = (arm?: string) =>
    ofUnit.reduce((sum, own, i) => sum + (arm === undefined || itemAt(values, i).arm === arm ? own * own : 0), 0);
  if (alike) return [{ variance: squares() * (model.meanSquare ?? 0), df: fit.residualDf }];
  return ownSpreads(model).map(({ spread, df }, i) => ({ variance: squares(arms[i]) * Math.max(0, spread), df: Math.max(1, df) }));
}

function effectOf(factor: Factor, level: string, gap: MeanDifference, held: Held): Effect {
  const t = gap.error ? gap.value / gap.error : null;
  return {
    factor: factor.name,
    level,
    versus: itemAt(factor.levels, 0),
    difference: { value: gap.value, ci95: intervalOf(gap, held) },
    p: t === null ? null : held.p(t, gap.df),
  };
}
