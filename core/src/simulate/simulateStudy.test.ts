import { describe, expect, it } from 'vitest';
import { centre, sd } from '../stats/moments';
import { layOut } from '../study/bench/layOut';
import { aMeasure, anArm, anExperiment, valueOf } from '../testing';
import { blankOf, stageFields, type Experiment, type Measure, type Observation, type Stage } from '../model';
import { grow } from './grow';
import { growthLimit, lightLimit, stretch, temperatureLimit } from './limits';
import { simulateStudy } from './simulateStudy';
import { ideal, plainTruth, type Process, type Truth } from '../model/Truth';

const arms = [anArm('C'), anArm('T')];
function bench(unitsPerArm: number, measure: Partial<Measure>, sown: number | null = null): Experiment {
  const { units, bench: shelves } = layOut(
    { arms, unitsPerArm, letter: 'P', sown, layout: 'completely-random', blocks: 1, columns: 12, light: 'lamp' },
    3,
  );
  const base = anExperiment({ arms, units, measures: [aMeasure({ code: 'm', ...measure })] });
  return { ...base, plan: { ...base.plan, bench: shelves } };
}
const run = (experiment: Experiment, process: Process, more: Partial<Truth> = {}, seed = 1) =>
  simulateStudy(experiment, plainTruth({ m: process }, more), { seed }).study;
const on = (experiment: Experiment, rows: readonly Observation[], arm: string, day: number) => {
  const codes = new Set(experiment.units.filter((unit) => unit.arm === arm).map((unit) => unit.code));
  return rows.filter((row) => codes.has(row.unit) && row.id.endsWith(`-${day}`)).map(valueOf);
};

describe('what limits growth', () => {
  it('is the scarcest condition (Liebig’s law of the minimum, 1840)', () => {
    expect(growthLimit({ ...ideal, water: 0.3, nutrients: 0.6 })).toBe(0.3);
    expect(temperatureLimit(24)).toBe(1);
    expect([temperatureLimit(2), temperatureLimit(40.5), lightLimit(0)]).toEqual([0, 0, 0]);
    expect(lightLimit(6)).toBeLessThan(lightLimit(12));
  });

  it('poor light makes a plant taller for its mass', () => {
    const process = { process: 'growth', reads: 'height', size: 20, rate: 0.4, effect: { '': 1 } } as const;
    const [bright, dim] = [16, 3].map((light) => grow(process, 'C', { ...ideal, light }, 20, 1, null).at(-1));
    expect(dim?.mass).toBeLessThan(bright?.mass ?? 0);
    expect((dim?.height ?? 0) / (dim?.mass ?? 1)).toBeGreaterThan((bright?.height ?? 0) / (bright?.mass ?? 1));
    expect(stretch(0)).toBeCloseTo(1.8, 12);
  });
});

describe('simulated readings', () => {
  const sprouting: Process = {
    process: 'sprouting',
    share: { '': 0.9, T: 0.5 },
    thermalTime: { '': 60, T: 90 },
    base: 3,
    seedSpread: 0.25,
  };

  it('are the same for the same seed, others for another, and bring the truth with them', () => {
    const experiment = bench(6, { kind: 'count', readingDays: [3, 5, 8] }, 25);
    const truth = plainTruth({ m: sprouting });
    const first = simulateStudy(experiment, truth, { seed: 5 });
    expect(simulateStudy(experiment, truth, { seed: 5 })).toEqual(first);
    expect(simulateStudy(experiment, truth, { seed: 6 }).study.observations).not.toEqual(first.study.observations);
    expect(first.truth).toBe(truth);
  });

  it('writes down each step when it was planned, up to the last day that was read, and none of what has not begun', () => {
    const plan = bench(6, { kind: 'count', readingDays: [3, 8] }, 25);
    const step = (more: Partial<Stage>): Stage => ({ ...blankOf(stageFields), kind: 'soak', ...more });
    const stages = [step({ name: 'soak', hours: 6, arms: ['T'] }), step({ name: 'fed', days: [2, 7] }), step({ name: 'watering' })];
    const experiment = { ...plan, startedOn: '2026-04-10', plan: { ...plan.plan, stages } };
    const stepsTo = (untilDay: number) =>
      simulateStudy(experiment, plainTruth({ m: sprouting }), { seed: 5, untilDay }).study.care.map(({ on, step: name, arms }) => [
        on,
        name,
        arms,
      ]);
    expect(stepsTo(3)).toEqual([
      ['2026-04-10', 'soak', ['T']],
      ['2026-04-12', 'fed', ['C', 'T']],
    ]);
    expect(stepsTo(8)).toHaveLength(3);
    expect(stepsTo(-1)).toEqual([]);
  });

  it('sprouting follows the warmth: totals only rise, the share is that of the truth, and a colder room is later', () => {
    const experiment = bench(60, { kind: 'count', readingDays: [3, 5, 30] }, 25);
    const { observations } = run(experiment, sprouting);
    for (const unit of experiment.units) {
      const own = observations.filter((row) => row.unit === unit.code).map(valueOf);
      expect(own).toEqual([...own].sort((a, b) => a - b));
    }
    expect(centre(on(experiment, observations, 'C', 30)) / 25).toBeCloseTo(0.9, 1);
    expect(centre(on(experiment, observations, 'T', 30)) / 25).toBeCloseTo(0.5, 1);
    const cold = run(experiment, sprouting, { conditions: { ...ideal, temperature: 10 } });
    expect(centre(on(experiment, cold.observations, 'C', 5))).toBeLessThan(centre(on(experiment, observations, 'C', 5)));
  });

  it('an effect that turns: first taller, later shorter', () => {
    const experiment = bench(5, { readingDays: [10, 40] });
    const process: Process = {
      process: 'growth',
      reads: 'mass',
      size: 20,
      rate: 0.25,
      effect: { '': 1, T: 1.5 },
      turns: { day: 12, effect: { '': 1, T: 0.2 } },
    };
    const { observations } = run(experiment, process);
    expect(centre(on(experiment, observations, 'T', 10))).toBeGreaterThan(centre(on(experiment, observations, 'C', 10)));
    expect(centre(on(experiment, observations, 'T', 40))).toBeLessThan(centre(on(experiment, observations, 'C', 40)));
  });

  it('units spread as the truth says; the bright middle and the cold corner show', () => {
    const level: Process = { process: 'level', level: { '': 100 }, rate: 1 };
    const spread = bench(100, { readingDays: [1] });
    const values = run(spread, level, { unitSpread: 0.1 }).observations.map(valueOf);
    expect((sd(values) ?? 0) / centre(values)).toBeCloseTo(0.1, 1);
    const place = run(spread, level, { brightMiddle: 0.2, coldCorner: 0.2 });
    const at = (row: number, column: number) =>
      place.observations.find((seen) => seen.unit === spread.units.find((unit) => unit.row === row && unit.column === column)?.code)
        ?.value ?? 0;
    expect(at(5, 6)).toBeGreaterThan(at(5, 1));
    expect(at(1, 1)).toBeLessThan(at(9, 1));
  });

  it('losses end a unit’s readings, are logged, and mark the unit; duds and pests hold growth back', () => {
    const experiment = bench(50, { readingDays: [10, 20] });
    const process: Process = { process: 'growth', reads: 'height', size: 20, rate: 0.3, effect: { '': 1 } };
    const { observations, incidents, experiment: after } = run(experiment, process, { losses: 0.3 });
    const lost = after.units.filter((unit) => unit.status === 'lost');
    expect(lost.length).toBeGreaterThan(15);
    expect(incidents.map((event) => event.units[0]).sort()).toEqual(lost.map((unit) => unit.code).sort());
    expect(observations.filter((row) => lost.some((unit) => unit.code === row.unit) && row.id.endsWith('-20'))).toEqual([]);
    expect(run(experiment, process, { duds: 1 }).observations.every((row) => row.value === 0)).toBe(true);
    const healthy = centre(on(experiment, run(experiment, process).observations, 'C', 20));
    expect(centre(on(experiment, run(experiment, process, { pest: { day: 2, share: 1, harm: 0.8 } }).observations, 'C', 20))).toBeLessThan(
      healthy,
    );
  });

  it.each<[Measure['kind'], Process]>([
    ['rating', { process: 'rating', level: { '': 2, T: 4 }, spread: 0.5 }],
    ['event', { process: 'event', days: { '': 12, T: 6 }, spread: 0.1 }],
    ['harvest', { process: 'harvest', each: { '': 30, T: 45 }, spread: 0.2 }],
    ['count', { process: 'share', share: { '': 0.3, T: 0.8 }, from: 2, to: 9 }],
  ])('a %s differs between the arms as the truth says', (kind, process) => {
    const experiment = bench(20, { kind, readingDays: [4, 8, 16] }, kind === 'count' ? 10 : null);
    const { observations } = run(experiment, process);
    const sum = (arm: string) => [4, 8, 16].reduce((total, day) => total + centre(on(experiment, observations, arm, day)), 0);
    expect(sum('T')).toBeGreaterThan(sum('C'));
  });
});
