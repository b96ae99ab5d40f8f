/** Values as whole numbers of a common step: value ≈ integer × step. */
export interface Grid {
  readonly integers: readonly number[];
  readonly step: number;
}

const FINEST = 1e6;

/**
 * The coarsest grid 1/(q·10^k), q up to 60 and k up to 6, on which all values lie; null where there is none.
 * Decimals as read off a ruler lie on one, and so do shares of up to 60 sown and means of a few plants.
 */
export function decimalGrid(values: readonly number[]): Grid | null {
  const largest = Math.max(...values.map(Math.abs), 0);
  // Tiny values are looked at in a unit of their own size: 1.2e-12 is a decimal as well.
  const unit = largest > 0 && largest < 1e-3 ? 10 ** Math.floor(Math.log10(largest)) : 1;
  for (let decimals = 1; decimals <= FINEST; decimals *= 10) {
    for (let q = 1; q <= 60; q++) {
      const scale = (q * decimals) / unit;
      if (largest * scale > 1e9) break;
      // What a double may be off by after the multiplication, and no more: a value between two grid points is on none.
      const slack = 1e-9 + 4e-15 * largest * scale;
      const fits = (value: number) =>
        Math.abs(value * scale - Math.round(value * scale)) < slack && (value === 0 || Math.round(value * scale) !== 0);
      if (values.every(fits)) return { integers: values.map((value) => Math.round(value * scale)), step: 1 / scale };
    }
  }
  return null;
}
