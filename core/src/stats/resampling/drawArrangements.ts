import { noSuchItem } from '../../invariant';
import { random } from '../random';
import { checkIn, threshold, treatedSum, type Stratum, type Watch } from './Stratum';

/**
 * Monte Carlo chance of a difference at least as large as the observed one: p = (hits + 1) / (draws + 1).
 * Source: Dwass M (1957) Ann Math Stat 28:181–187; Phipson & Smyth (2010) for the added one.
 */
export function drawArrangements(strata: readonly Stratum[], seed: number, draws: number, watch: Watch = {}): number {
  const { expected } = treatedSum(strata);
  const limit = threshold(strata);
  const source = random(seed);
  const pools = strata.map(({ values, treated }) => ({ pool: Float64Array.from(values), treated }));
  let hits = 0;
  for (let draw = 0; draw < draws; draw++) {
    let sum = 0;
    for (const { pool, treated } of pools) {
      for (let i = 0; i < treated; i++) {
        const j = source.int(i, pool.length - 1);
        const picked = pool[j] ?? noSuchItem(pool, j);
        pool[j] = pool[i] ?? noSuchItem(pool, i);
        pool[i] = picked;
        sum += picked;
      }
    }
    if (Math.abs(sum - expected) >= limit) hits++;
    if ((draw & 0x3fff) === 0) checkIn(watch, draw / draws);
  }
  return (hits + 1) / (draws + 1);
}
