import {
  comparedArms,
  layOut,
  plainTruth,
  simulateStudy,
  unitData,
  type ByArm,
  type Experiment,
  type Layout,
  type Measure,
  type Process,
  type Truth,
} from '@fern/core';
import { random } from '../core/src/stats/random';
import { wilson } from '../core/src/stats/wilson';
import { powerT } from '../core/src/stats/powerT';
import { aMeasure, anArm, anExperiment } from '../core/src/testing';
import { weighMeasure } from '../core/src/weigh/weighMeasure';

/** How often the verdict and the intervals are right, over simulated experiments whose truth is known. */
interface Design {
  readonly name: string;
  readonly arms: number;
  readonly units: number;
  readonly layout?: Layout;
  readonly sown?: number;
  readonly measure: Partial<Measure>;
  readonly process: (values: ByArm) => Process;
  /** The control's value, and the treatment's where there is an effect. */
  readonly from: number;
  readonly to: number;
  readonly unitSpread: number;
  /** True difference of the treatment, in the unit of the result, for a value of the treatment; null where it has no closed form, and is 0 without an effect. */
  readonly difference: ((treated: number) => number) | null;
  /** Chance that a closed form gives for the effect; null where there is none. */
  readonly closed: number | null;
}

const RUNS = Number(process.env.RUNS ?? 2000);
const minus = (from: number) => (treated: number) => treated - from;
const level = (values: ByArm): Process => ({ process: 'level', level: values, rate: 1 });
const share = (values: ByArm): Process => ({ process: 'share', share: values, from: 0, to: 0 });

const steps = [1, 2, 3, 4, 5].map((value) => ({ value, words: `step ${value}` }));
const rated = (units: number): Design => ({
  name: `rating in five steps, 2 arms × ${units}`,
  arms: 2,
  units,
  measure: { kind: 'rating', unit: '', rubric: steps },
  process: (values) => ({ process: 'rating', level: values, spread: 0.8 }),
  from: 3,
  to: 4,
  unitSpread: 0,
  difference: null,
  closed: null,
});

const designs: readonly Design[] = [
  rated(4),
  rated(6),
  rated(10),
  {
    name: 'amount, 2 arms × 6',
    arms: 2,
    units: 6,
    measure: {},
    process: level,
    from: 100,
    to: 103,
    unitSpread: 0.02,
    difference: minus(100),
    closed: powerT(3, 2, 6),
  },
  {
    name: 'amount, 2 arms × 12',
    arms: 2,
    units: 12,
    measure: {},
    process: level,
    from: 100,
    to: 102,
    unitSpread: 0.02,
    difference: minus(100),
    closed: powerT(2, 2, 12),
  },
  {
    name: 'amount, control and 3 treatments × 6',
    arms: 4,
    units: 6,
    measure: {},
    process: level,
    from: 100,
    to: 104,
    unitSpread: 0.02,
    difference: minus(100),
    closed: null,
  },
  {
    name: 'amount, 3 arms × 6 in 2 blocks',
    arms: 3,
    units: 6,
    layout: 'blocks',
    measure: {},
    process: level,
    from: 100,
    to: 103,
    unitSpread: 0.02,
    difference: minus(100),
    closed: null,
  },
  {
    name: 'amount, 10 pairs',
    arms: 2,
    units: 10,
    layout: 'pairs',
    measure: {},
    process: level,
    from: 100,
    to: 102,
    unitSpread: 0.02,
    difference: minus(100),
    closed: null,
  },
  {
    name: 'count of 25 sown, 2 arms × 6 dishes',
    arms: 2,
    units: 6,
    sown: 25,
    measure: { kind: 'count', unit: '' },
    process: share,
    from: 0.6,
    to: 0.75,
    unitSpread: 0,
    difference: minus(0.6),
    closed: powerT(0.15, Math.sqrt((0.24 + 0.1875) / 2 / 25), 6),
  },
  {
    name: 'count of 50 sown, one dish an arm',
    arms: 2,
    units: 1,
    sown: 50,
    measure: { kind: 'count', unit: '' },
    process: share,
    from: 0.5,
    to: 0.75,
    unitSpread: 0,
    difference: minus(0.5),
    closed: null,
  },
  {
    name: 'event, 2 arms × 15',
    arms: 2,
    units: 15,
    measure: { kind: 'event', unit: 'd', higherIs: 'worse', readingDays: Array.from({ length: 40 }, (_, i) => i + 1) },
    process: (days) => ({ process: 'event', days, spread: 0.25 }),
    from: 14,
    to: 11,
    unitSpread: 0,
    difference: null,
    closed: null,
  },
];

function experimentOf({ arms: count, units: unitsPerArm, layout = 'completely-random', sown, measure }: Design): Experiment {
  const arms = Array.from({ length: count }, (_, i) => anArm(['C', 'T', 'U', 'V'][i]));
  const { units } = layOut({ arms, unitsPerArm, letter: 'P', sown: sown ?? null, layout, blocks: 2, columns: 12, light: 'lamp' }, 1);
  return anExperiment({ arms, units, layout, measures: [aMeasure({ readingDays: [1], smallestDifference: null, ...measure })] });
}

interface Tally {
  supported: number;
  opposite: number;
  covered: number;
  intervals: number;
}

function runDesign(design: Design, treated: number): Tally {
  const experiment = experimentOf(design);
  const [measure] = experiment.measures;
  const truth: Truth = plainTruth(
    { [measure.measure]: design.process({ '': design.from, T: treated }) },
    { unitSpread: design.unitSpread },
  );
  const source = random(77);
  const code = comparedArms(experiment.arms)[1].arm;
  const tally: Tally = { supported: 0, opposite: 0, covered: 0, intervals: 0 };
  const real = design.difference?.(treated) ?? 0;
  for (let run = 0; run < RUNS; run++) {
    const { study } = simulateStudy(experiment, truth, { seed: source.int(0, 0x7fffffff) });
    const { comparisons } = weighMeasure(study, measure, unitData(study, measure), [], { seed: run, beside: false });
    const row = comparisons.find(({ arm }) => arm === code);
    if (comparisons.some(({ verdict }) => verdict === 'supported') && treated === design.from) tally.supported++;
    else if (row?.verdict === 'supported' || row?.verdict === 'small') tally.supported++;
    if (comparisons.some(({ verdict }) => verdict === 'opposite')) tally.opposite++;
    if (row?.difference.ci95) {
      tally.intervals++;
      // With several comparisons the intervals hold together: the run counts where all of them cover.
      const all = comparisons.every(
        ({ arm, difference }) =>
          difference.ci95 !== null && difference.ci95[0] <= (arm === code ? real : 0) && difference.ci95[1] >= (arm === code ? real : 0),
      );
      if (all) tally.covered++;
    }
  }
  return tally;
}

const percent = (value: number) => (100 * value).toFixed(1);
const withInterval = (hits: number, all: number) => {
  const ends = wilson(hits, all);
  return ends ? `${percent(hits / all)} (${percent(ends[0])}–${percent(ends[1])})` : '–';
};

console.log(
  `| design | false “supported”, % | false “opposite”, % | interval covers, % | clear answer on a real effect, % | closed form, % |`,
);
console.log('|---|---:|---:|---:|---:|---:|');
for (const design of designs) {
  const none = runDesign(design, design.from);
  const some = runDesign(design, design.to);
  const known = design.difference !== null;
  const covered = known
    ? withInterval(none.covered + some.covered, none.intervals + some.intervals)
    : withInterval(none.covered, none.intervals);
  console.log(
    `| ${design.name} | ${withInterval(none.supported, RUNS)} | ${withInterval(none.opposite, RUNS)} | ${covered} | ${withInterval(some.supported, RUNS)} | ${design.closed === null ? '–' : percent(design.closed)} |`,
  );
}
