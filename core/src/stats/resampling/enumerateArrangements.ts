import { itemAt, noSuchItem } from '../../invariant';
import { checkIn, countArrangements, threshold, treatedSum, type Stratum, type Watch } from './Stratum';

/**
 * Exact chance of a difference at least as large as the observed one, by walking through every arrangement with running sums:
 * each step of the walk adds one value, so memory does not grow with the number of arrangements.
 */
export function enumerateArrangements(strata: readonly Stratum[], watch: Watch = {}): number {
  const { expected } = treatedSum(strata);
  const limit = threshold(strata);
  const last = strata.length - 1;
  let hits = 0;
  let seen = 0;

  function pick(block: number, from: number, left: number, sum: number): void {
    const { values } = itemAt(strata, block);
    if (left === 0) {
      if (block < last) {
        pick(block + 1, 0, itemAt(strata, block + 1).treated, sum);
        return;
      }
      if (Math.abs(sum - expected) >= limit) hits++;
      if ((++seen & 0xffff) === 0) checkIn(watch, seen / total);
      return;
    }
    for (let i = from; i <= values.length - left; i++) pick(block, i + 1, left - 1, sum + (values[i] ?? noSuchItem(values, i)));
  }

  const total = countArrangements(strata);
  pick(0, 0, itemAt(strata, 0).treated, 0);
  return hits / seen;
}
