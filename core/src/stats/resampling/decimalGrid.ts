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
  for (let decimals = 1; decimals <= FINEST; decimals *= 10) {
    for (let q = 1; q <= 60; q++) {
      const scale = q * decimals;
      if (largest * scale > 1e9) break;
      if (values.every((value) => Math.abs(value * scale - Math.round(value * scale)) < 1e-9 * Math.max(1, largest * scale))) {
        return { integers: values.map((value) => Math.round(value * scale)), step: 1 / scale };
      }
    }
  }
  return null;
}
