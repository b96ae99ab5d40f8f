import type { LinearModel } from '../stats/linearModel';

/** What is left of equal values when they are calculated in binary numbers, as a share of their own size. */
export const ROUNDING = 1e-10;

/**
 * Whether a fit leaves nothing by which units of one arm differ, but for rounding.
 * @param fit of the values
 * @param values that were fitted
 * @returns true too where there are no more values than coefficients
 */
export function isFlat({ residualDf, residualSumOfSquares }: LinearModel, values: readonly number[]): boolean {
  return residualDf <= 0 || residualSumOfSquares <= ROUNDING ** 2 * values.reduce((sum, value) => sum + value * value, 0);
}

/**
 * A difference without what rounding made of none.
 * @param difference of some of the values
 * @param values that were fitted
 * @returns 0 where it is nothing beside them
 */
export function withoutRounding(difference: number, values: readonly number[]): number {
  return Math.abs(difference) <= ROUNDING * Math.max(...values.map(Math.abs)) ? 0 : difference;
}
