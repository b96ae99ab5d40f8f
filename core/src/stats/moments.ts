import { itemAt } from '../invariant';

/**
 * Arithmetic mean; null for an empty list.
 * @param values one a unit
 * @returns in the values' unit
 */
export function mean(values: readonly number[]): number | null {
  return values.length === 0 ? null : centre(values);
}

/**
 * Mean of a list that is known not to be empty. Summed around the first value, so that 1e12 + small spreads keep their digits.
 * @param values one or more
 * @returns in the values' unit
 */
export function centre(values: readonly number[]): number {
  const origin = itemAt(values, 0);
  let sum = 0;
  for (const value of values) sum += value - origin;
  return origin + sum / values.length;
}

/**
 * Sum of squared deviations from the mean, in the values' unit squared.
 * @param values one or more
 * @returns 0 or more
 */
export function sumOfSquares(values: readonly number[]): number {
  const middle = centre(values);
  let sum = 0;
  for (const value of values) sum += (value - middle) ** 2;
  return sum;
}

/**
 * Variance with n − 1 below; null with fewer than two values.
 * @param values one a unit
 * @returns in the values' unit squared
 */
export function variance(values: readonly number[]): number | null {
  return values.length < 2 ? null : sumOfSquares(values) / (values.length - 1);
}

/**
 * Standard deviation with n − 1 below; null with fewer than two values.
 * @param values one a unit
 * @returns in the values' unit
 * @example sd([1, 2, 3, 4]) // 1.290994
 */
export function sd(values: readonly number[]): number | null {
  const v = variance(values);
  return v === null ? null : Math.sqrt(v);
}

/**
 * Middle value, or the mean of the two middle ones; null for an empty list.
 * @param values in any order
 * @returns in the values' unit
 * @example median([4, 1, 3, 2]) // 2.5
 */
export function median(values: readonly number[]): number | null {
  if (values.length === 0) return null;
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? itemAt(sorted, half) : (itemAt(sorted, half - 1) + itemAt(sorted, half)) / 2;
}
