import type { Arm, Comparison, Layout } from '../model';
import type { VarianceRow } from '../stats/analysisOfVariance';
import type { Randomisation, RandomisationOptions } from '../stats/resampling/randomisationTest';
import type { Contrast, Effect, Trend, UnitValue } from './Contrast';
import type { TestRow } from './TestRow';

/** What is compared: one value a unit, the control first among the arms, reference arms left out. */
export interface Compared {
  readonly values: readonly UnitValue[];
  /** The control, then the treatments, in the order of the plan. */
  readonly arms: readonly Arm[];
  readonly layout: Layout;
  readonly comparison: Comparison;
  /** Smallest difference that matters, in the unit of the values; null where none was set. */
  readonly matters: number | null;
  readonly options: RandomisationOptions;
  /** False leaves out tests that only stand beside the verdict (for power runs). */
  readonly beside: boolean;
  /** For runs of many experiments: the first treatment and the factors alone, each told by its p. */
  readonly quick?: boolean;
}

export interface Comparisons {
  readonly tests: readonly TestRow[];
  readonly terms: readonly VarianceRow[];
  readonly contrasts: readonly Contrast[];
  /** What each factor does, where arms cross two or more. */
  readonly effects?: readonly Effect[];
  readonly trend: Trend | null;
  readonly reasons: readonly string[];
}

/** Values of one arm, one a unit. */
export function valuesOf(values: readonly UnitValue[], arm: string): number[] {
  return values.filter((unit) => unit.arm === arm).map((unit) => unit.value);
}

/** Pairs of arms to compare: each treatment with the control, or every later arm with every earlier one. */
export function armPairs({ arms, comparison }: Pick<Compared, 'arms' | 'comparison'>): { readonly arm: string; readonly versus: string }[] {
  const [control, ...treatments] = arms.map((arm) => arm.code);
  if (control === undefined) return [];
  if (comparison === 'control') return treatments.map((arm) => ({ arm, versus: control }));
  return arms.flatMap((versus, i) => arms.slice(i + 1).map((arm) => ({ arm: arm.code, versus: versus.code })));
}

/** A comparison of which nothing can be said. */
export function emptyContrast(arm: string, versus: string, adjusted: Contrast['adjusted'] = 'none'): Contrast {
  return { arm, versus, difference: { value: null, ci95: null }, ratio: { value: null, ci95: null }, p: null, adjusted };
}

/** The row of a randomisation or sign-flip test. */
export function randomisationRow(
  method: 'randomisation' | 'sign-flip',
  result: Randomisation,
  statistic: TestRow['statistic'],
  pair?: { arm: string; versus: string },
): TestRow {
  return {
    method,
    ...pair,
    statistic,
    df: [],
    p: result.p,
    exact: result.exact,
    arrangements: result.arrangements,
    ...(result.seed === null ? {} : { seed: result.seed }),
  };
}
