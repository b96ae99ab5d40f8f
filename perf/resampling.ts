import { random } from '../core/src/stats/random';
import { drawArrangements } from '../core/src/stats/resampling/drawArrangements';
import { enumerateArrangements } from '../core/src/stats/resampling/enumerateArrangements';
import { randomisationTest } from '../core/src/stats/resampling/randomisationTest';
import { shiftAlgorithm } from '../core/src/stats/resampling/shiftAlgorithm';
import type { Stratum } from '../core/src/stats/resampling/Stratum';
import { medianTimes } from './clock';
import type { Size } from './Size';
import { reportRatio } from './table';

function sample(each: number, decimals: number, seed: number): Stratum[] {
  const source = random(seed);
  return [
    {
      values: Array.from({ length: 2 * each }, (_, i) => Number((12 + source.normal(0, 2) + (i < each ? 0.8 : 0)).toFixed(decimals))),
      treated: each,
    },
  ];
}

/** The peer of the enumeration: every arrangement made as two lists whose means are worked out afresh. */
function recomputeMeans([{ values, treated }]: readonly Stratum[]): number {
  const mean = (list: readonly number[]) => list.reduce((a, b) => a + b, 0) / list.length;
  const gap = (chosen: readonly number[]) => mean(chosen.map((i) => values[i])) - mean(values.filter((_, i) => !chosen.includes(i)));
  const seen = Math.abs(gap(Array.from({ length: treated }, (_, i) => i))) - 1e-9;
  let [hits, all] = [0, 0];
  const pick = (from: number, chosen: number[]): void => {
    if (chosen.length === treated) {
      all++;
      if (Math.abs(gap(chosen)) >= seen) hits++;
      return;
    }
    for (let i = from; i <= values.length - treated + chosen.length; i++) pick(i + 1, [...chosen, i]);
  };
  pick(0, []);
  return hits / all;
}

/** Exact and enumerated randomisation against drawing and against working each mean out. */
export function resampling({ rounds }: Size): void {
  const thirty = sample(30, 1, 1);
  const [exact, draws] = medianTimes([() => shiftAlgorithm(thirty), () => drawArrangements(thirty, 1, 99_999)], rounds);
  reportRatio('exact p of 30 v 30 with one decimal, against 99,999 draws of the same', exact / draws, { most: 1 });
  const ten = sample(10, 4, 2);
  const [walk, afresh] = medianTimes([() => enumerateArrangements(ten), () => recomputeMeans(ten)], Math.min(3, rounds));
  reportRatio('10 v 10 enumerated (184,756), against working out each mean', afresh / walk, { least: 8 });
  const six = Array.from({ length: 50 }, (_, i) => sample(4, 6, 10 + i));
  const [whole, bare] = medianTimes(
    [() => six.map((strata) => randomisationTest(strata, { seed: 1 })), () => six.map((strata) => enumerateArrangements(strata))],
    rounds,
  );
  reportRatio('p of 4 v 4 with six decimals, against walking through its 70 arrangements', whole / bare, { most: 1.5 });
  const grown = (each: number) => {
    const strata = sample(each, 4, 3);
    enumerateArrangements(strata);
    globalThis.gc?.();
    const before = process.memoryUsage().heapUsed;
    let most = 0;
    enumerateArrangements(strata, { onProgress: () => (most = Math.max(most, process.memoryUsage().heapUsed - before)) });
    return Math.max(most, 1024);
  };
  reportRatio('heap grown by 10 v 10 (184,756 arrangements), MB', grown(10) / 1048576, { most: 8 });
  reportRatio('heap grown by 11 v 11 (705,432 arrangements), MB', grown(11) / 1048576, { most: 8 });
}
