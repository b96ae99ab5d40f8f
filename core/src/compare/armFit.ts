import { cellAt, itemAt } from '../invariant';
import { fitTo, type LinearModel } from '../stats/linearModel';
import { armModel, type ArmModel } from './armModel';
import type { UnitValue } from './Contrast';
import type { MeanDifference } from './Gap';
import { isFlat, withoutRounding } from './isFlat';

/** All arms fitted together, strata added where there are any, with one spread for all. */
export interface ArmFit {
  readonly values: readonly UnitValue[];
  readonly arms: readonly string[];
  readonly fit: LinearModel;
  readonly model: ArmModel;
  /** Pooled variance; null where nothing is left by which units of one arm differ. */
  readonly meanSquare: number | null;
  /** Weights on the coefficients that give an arm's mean at the average stratum; null for an arm without values. */
  readonly weights: (arm: string) => readonly number[] | null;
}

/**
 * Least squares over arms and strata.
 * @param values that are compared
 * @param arms that have values
 * @param stratum of a unit
 */
export function fitArms(values: readonly UnitValue[], arms: readonly string[], stratum: (unit: UnitValue) => string): ArmFit {
  const y = values.map((unit) => unit.value);
  const model = armModel(
    values.map((unit) => unit.arm),
    arms,
    values.map(stratum),
  );
  const fit = fitTo(model.decomposition, y);
  return {
    values,
    arms,
    fit,
    model,
    meanSquare: isFlat(fit, y) ? null : fit.residualSumOfSquares / fit.residualDf,
    weights: (arm) => {
      const at = arms.indexOf(arm);
      if (at < 0 || (at > 0 && fit.coefficients[at] === null)) return null;
      return [
        1,
        ...arms.slice(1).map((_, i) => (i + 1 === at ? 1 : 0)),
        ...Array.from({ length: model.strata - 1 }, () => 1 / model.strata),
      ];
    },
  };
}

/**
 * A sum of coefficients.
 * @param weights one a coefficient
 */
export function combine({ fit }: ArmFit, weights: readonly number[]): number {
  return weights.reduce((sum, weight, i) => sum + weight * (fit.coefficients[i] ?? 0), 0);
}

/**
 * Covariance of two sums of coefficients, in units of the pooled variance.
 * @param a weights of one
 * @param b weights of the other
 */
export function covary({ fit }: ArmFit, a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (const [i, own] of a.entries()) {
    if (own !== 0) for (const [j, other] of b.entries()) if (other !== 0) sum += own * other * cellAt(fit.unscaledCovariance, i, j);
  }
  return sum;
}

/**
 * Two sums of coefficients beside one another, with the pooled spread.
 * @param treated weights of one arm's mean, or of a level's
 * @param control weights of the other
 */
export function pooledDifference(model: ArmFit, treated: readonly number[], control: readonly number[]): MeanDifference {
  const gap = treated.map((weight, i) => weight - itemAt(control, i));
  const scale = model.meanSquare ?? 0;
  // Where strata and arms cannot be told apart, rounding can bring it below 0.
  const error = Math.sqrt(Math.max(0, covary(model, gap, gap) * scale));
  return {
    value: withoutRounding(
      combine(model, gap),
      model.values.map(({ value }) => value),
    ),
    treated: combine(model, treated),
    control: combine(model, control),
    varianceTreated: covary(model, treated, treated) * scale,
    varianceControl: covary(model, control, control) * scale,
    covariance: covary(model, treated, control) * scale,
    error: model.fit.residualDf > 0 ? error : null,
    df: model.fit.residualDf,
  };
}
