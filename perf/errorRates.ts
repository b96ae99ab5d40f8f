import type { Experiment, Layout, Measure, UnitData } from '@fern/core';
import { fitArms, pooledDifference } from '../core/src/compare/armFit';
import { withControl } from '../core/src/compare/simultaneous';
import { strataOf } from '../core/src/compare/strata';
import { random } from '../core/src/stats/random';
import { wilson } from '../core/src/stats/wilson';
import { aMeasure, anArm, anExperiment, aUnit } from '../core/src/testing';
import type { MeasureResult } from '../core/src/weigh/Result';
import { weighMeasure } from '../core/src/weigh/weighMeasure';
import { worlds, type World } from './worlds';

/** How often the verdict and the intervals are right, over simulated experiments whose truth is known. */
const RUNS = Number(process.env.RUNS ?? 4000);
const ONLY = process.env.ONLY ?? '';

function experimentOf(world: World, smallestDifference: number | null): { readonly experiment: Experiment; readonly measure: Measure } {
  const arms = world.units.map((_, i) => anArm(i === 0 ? 'C' : `T${i}`));
  const units = arms.flatMap(({ code: arm }, at) =>
    Array.from({ length: world.units[at] }, (_, i) =>
      aUnit(`${arm}-${i}`, arm, {
        sown: world.sown ?? null,
        block: world.layout === 'pairs' ? `${i}` : world.layout === 'blocks' ? `${i % (world.blocks ?? 1)}` : null,
        container: world.perContainer ? `tank ${arm}.${Math.floor(i / world.perContainer)}` : null,
      }),
    ),
  );
  const measure = aMeasure({ readingDays: [1], smallestDifference, ...world.measure });
  return { experiment: anExperiment({ arms, units, layout: world.layout ?? 'completely-random', measures: [measure] }), measure };
}

function dataOf({ units }: Experiment, drawn: readonly (readonly number[])[], timed: boolean): UnitData[] {
  const values = drawn.flat();
  return units.map((unit, i) => ({
    unit,
    nothingFrom: null,
    curve: Number.isNaN(values[i])
      ? []
      : [timed ? { day: Math.abs(values[i]), value: values[i] > 0 ? 1 : 0 } : { day: 1, value: values[i] }],
  }));
}

interface Tally {
  supported: number;
  opposite: number;
  covered: number;
  intervals: number;
  alike: number;
  told: number;
  classical: number;
}

/** @param matters smallest difference that matters, in the unit of the plan; null for none */
function runWorld(world: World, withEffect: boolean, matters: number | null): Tally {
  const { experiment, measure } = experimentOf(world, matters);
  const source = random(77);
  const tally: Tally = { supported: 0, opposite: 0, covered: 0, intervals: 0, alike: 0, told: 0, classical: 0 };
  const study = { experiment, observations: [], incidents: [], care: [], photos: [] };
  for (let run = 0; run < RUNS; run++) {
    const data = dataOf(experiment, world.draw(source, withEffect), measure.kind === 'event');
    const result = weighMeasure(study, measure, data, [], { seed: run, beside: false });
    const { comparisons } = result;
    const row = comparisons[0];
    if (comparisons.some(({ verdict }) => verdict === 'supported')) tally.supported++;
    if (comparisons.some(({ verdict }) => verdict === 'opposite')) tally.opposite++;
    if (row.verdict === 'no-difference-that-matters') tally.alike++;
    if (row.verdict === 'supported' || row.verdict === 'small' || row.verdict === 'opposite') tally.told++;
    if (isToldClassically(world, result)) tally.classical++;
    // One unit an arm has the interval of its seeds alone, and nothing is told by it.
    if (row.difference.ci95 === null || row.p === null || (withEffect && world.effect === null)) continue;
    tally.intervals++;
    // Several intervals hold together: the run counts where all of them cover.
    const real = (arm: string) => (withEffect && arm === row.arm ? (world.effect ?? 0) : 0);
    const isIn = ({ arm, difference: { ci95 } }: (typeof comparisons)[number]) =>
      ci95 === null || (ci95[0] <= real(arm) && real(arm) <= ci95[1]);
    if (comparisons.every(isIn)) tally.covered++;
  }
  return tally;
}

function isToldClassically({ classical, layout }: World, { tests, values }: MeasureResult): boolean {
  if (classical === 'dunnett') return isToldByDunnett(values, layout ?? 'completely-random');
  const method = classical === 'welch' ? 'welch-t' : classical === 'paired' ? 'paired-t' : classical;
  return tests.some((test) => test.method === method && (test.arm ?? 'T1') === 'T1' && test.p <= 0.05);
}

/** Dunnett's test of the first treatment, one spread for all. */
function isToldByDunnett(values: MeasureResult['values'], layout: Layout): boolean {
  const arms = [...new Set(values.map(({ arm }) => arm))];
  const model = fitArms(values, arms, strataOf(values, layout));
  const weights = arms.map((arm) => model.weights(arm) ?? []);
  const gaps = weights.slice(1).map((treated) => treated.map((weight, i) => weight - weights[0][i]));
  const { value, error, df } = pooledDifference(model, weights[1], weights[0]);
  return error !== null && Math.abs(value) >= error * withControl(model, gaps).critical(df);
}

const percent = (value: number) => (100 * value).toFixed(1);
const withInterval = (hits: number, all: number) => {
  const ends = wilson(hits, all);
  return ends ? `${percent(hits / all)} (${percent(ends[0])}–${percent(ends[1])})` : '–';
};

console.log(
  '| world | false “supported”, % | false “opposite”, % | interval covers, % | “no difference” at exactly m, % | told where real, % | classical, % |',
);
console.log('|---|---:|---:|---:|---:|---:|---:|');
for (const world of worlds.filter(({ name }) => name.includes(ONLY))) {
  const none = runWorld(world, false, null);
  const some = runWorld(world, true, null);
  const atM = world.effect === null ? null : runWorld(world, true, world.effect * (world.sown ? 100 : 1));
  console.log(
    `| ${[
      world.name,
      withInterval(none.supported, RUNS),
      withInterval(none.opposite, RUNS),
      withInterval(none.covered + some.covered, none.intervals + some.intervals),
      atM === null ? '–' : withInterval(atM.alike, RUNS),
      percent(some.told / RUNS),
      world.classical ? percent(some.classical / RUNS) : '–',
    ].join(' | ')} |`,
  );
}
