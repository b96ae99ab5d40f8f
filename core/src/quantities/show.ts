import { rounded } from './roundTo';

/** What stands where there is no number. */
export const NONE = '–';

/**
 * A number in a table, rounded to what its spread bears.
 * @param value null is shown as a dash
 * @param spread in the number's own unit; null says nothing
 * @returns digits without a unit
 */
export function show(value: number | null, spread: number | null): string {
  return value === null ? NONE : rounded(value, spread);
}

/**
 * A stored number times its scale, as a share in per cent.
 * @param value null is shown as a dash
 * @param scale 100 for per cent
 * @param spread in the stored number's own unit; null says nothing
 * @returns digits without a unit
 */
export function scaled(value: number | null, scale: number, spread: number | null): string {
  return value === null ? NONE : rounded(value * scale, spread);
}

/**
 * "3.1 to 4.7".
 * @param ends lower and upper; null is shown as a dash
 * @param scale 100 for per cent
 * @param spread in the stored number's own unit; null says nothing
 * @returns both ends with the same decimals
 */
export function interval(ends: readonly [number, number] | null, scale: number, spread: number | null): string {
  return ends === null ? NONE : `${rounded(ends[0] * scale, spread)} to ${rounded(ends[1] * scale, spread)}`;
}
