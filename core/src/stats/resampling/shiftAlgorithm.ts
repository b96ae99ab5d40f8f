import { itemAt, noSuchItem } from '../../invariant';
import type { Stratum } from './Stratum';
import { threshold, treatedSum } from './Stratum';
import { decimalGrid } from './decimalGrid';

const MOST_CELLS = 6e6;
const MOST_STEPS = 4e8;
/** Up to here the number of subsets fits a double: C(1000, 500) is about 1e299. */
const MOST_UNITS = 1000;

/**
 * Exact chance of a difference at least as large as the observed one, by counting subsets by their sum and convolving the blocks;
 * null where the values lie on no decimal grid or the table would be too large.
 * Source: Streitberg B & Röhmel J (1986) Statistical Software Newsletter 12:10–17; Pagano & Tritchler (1983) JASA 78:435–440.
 */
export function shiftAlgorithm(strata: readonly Stratum[]): number | null {
  const grid = decimalGrid(strata.flatMap((stratum) => stratum.values));
  if (grid === null) return null;
  let next = 0;
  const whole = strata.map(({ values, treated }) => ({
    values: grid.integers.slice(next, (next += values.length)),
    treated,
  }));
  const lowest = whole.map(({ values }) => Math.min(...values));
  const shifted = whole.map(({ values, treated }, i) => ({ values: values.map((v) => v - itemAt(lowest, i)), treated }));
  const common = shifted.reduce((g, { values }) => values.reduce(divisor, g), 0) || 1;
  const reduced = shifted.map(({ values, treated }) => ({ values: values.map((v) => v / common), treated }));
  if (!affordable(reduced)) return null;

  let chances: Float64Array = Float64Array.of(1);
  for (const stratum of reduced) chances = convolve(chances, subsetSums(stratum));
  const { expected } = treatedSum(reduced);
  const limit = threshold(reduced);
  let p = 0;
  chances.forEach((chance, sum) => {
    if (Math.abs(sum - expected) >= limit) p += chance;
  });
  return Math.min(1, p);
}

function divisor(a: number, b: number): number {
  return b === 0 ? a : divisor(b, a % b);
}

function widest({ values, treated }: Stratum): number {
  return [...values]
    .sort((a, b) => b - a)
    .slice(0, treated)
    .reduce((a, b) => a + b, 0);
}

function affordable(strata: readonly Stratum[]): boolean {
  let length = 1;
  let steps = 0;
  for (const stratum of strata) {
    const width = widest(stratum) + 1;
    if (width * (stratum.treated + 1) > MOST_CELLS || stratum.values.length > MOST_UNITS) return false;
    steps += width * stratum.treated * stratum.values.length;
    steps += length * Math.min(width, 2 ** stratum.values.length);
    length += width;
  }
  return steps <= MOST_STEPS && length <= MOST_CELLS;
}

/** Chance of each sum of `treated` values drawn from the stratum's whole numbers. */
function subsetSums({ values, treated }: Stratum): Float64Array {
  const width = widest({ values, treated }) + 1;
  const ways = Array.from({ length: treated + 1 }, () => new Float64Array(width));
  itemAt(ways, 0)[0] = 1;
  let reach = 0;
  values.forEach((value, seen) => {
    reach = Math.min(width - 1, reach + value);
    for (let j = Math.min(treated, seen + 1); j >= 1; j--) {
      const from = itemAt(ways, j - 1);
      const to = itemAt(ways, j);
      for (let sum = reach; sum >= value; sum--)
        to[sum] = (to[sum] ?? noSuchItem(to, sum)) + (from[sum - value] ?? noSuchItem(from, sum - value));
    }
  });
  return normalise(itemAt(ways, treated));
}

function normalise(row: Float64Array): Float64Array {
  const total = row.reduce((a, b) => a + b, 0);
  return row.map((value) => value / total);
}

function convolve(a: Float64Array, b: Float64Array): Float64Array {
  const result = new Float64Array(a.length + b.length - 1);
  b.forEach((chance, shift) => {
    if (chance === 0) return;
    for (let i = 0; i < a.length; i++)
      result[i + shift] = (result[i + shift] ?? noSuchItem(result, i + shift)) + (a[i] ?? noSuchItem(a, i)) * chance;
  });
  return result;
}
