/**
 * Decimals that a number bears: two significant digits of its spread (for a mean of units, of its standard error or SD).
 * @param value the number that is shown
 * @param spread in the number's own unit; null or 0 says nothing, then three significant digits of the number itself
 * @returns 0 or more
 */
export function decimalsFor(value: number, spread: number | null): number {
  const known = spread !== null && Number.isFinite(spread) && spread > 0;
  const size = known ? spread : Math.abs(value);
  if (size === 0) return 0;
  const digits = known ? 2 : 3;
  return Math.min(10, Math.max(0, digits - 1 - Math.floor(Math.log10(size))));
}

/**
 * A number as shown: fixed decimals, a real minus sign, no "-0", never a power of ten. Very large and very small ones keep three figures.
 * @param value any number that is finite
 * @param decimals behind the point
 * @returns digits without a unit
 * @example fixed(15_912_345, 0) // '15,900,000'
 */
export function fixed(value: number, decimals: number): string {
  const size = Math.abs(value);
  if (size >= 1e7) return Number(value.toPrecision(3)).toLocaleString('en-GB').replace('-', '−');
  const fits = size === 0 || size >= 1e-6 ? decimals : Math.min(20, 2 - Math.floor(Math.log10(size)));
  const text = value.toFixed(fits);
  return (Number(text) === 0 ? text.replace('-', '') : text).replace('-', '−');
}

/**
 * A number rounded to what its spread bears.
 * @param value any number that is finite
 * @param spread in the number's own unit; null says nothing
 * @returns digits without a unit
 * @example rounded(12.3456, 0.82) // '12.35'
 */
export function rounded(value: number, spread: number | null): string {
  return fixed(value, decimalsFor(value, spread));
}
