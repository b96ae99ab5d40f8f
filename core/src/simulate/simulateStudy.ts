import { itemAt } from '../invariant';
import {
  addDays,
  blankOf,
  careFields,
  type Care,
  type Experiment,
  type Incident,
  type Measure,
  type Observation,
  type Study,
  type Unit,
} from '../model';
import { stepMoments } from '../study/steps';
import { isOngoing } from '../study/stepsTold';
import { benchFor } from '../study/bench/shelves';
import { decimalsFor } from '../quantities/roundTo';
import { random, type Random } from '../stats/random';
import { grow, readPlant } from './grow';
import { sproutDays } from './sprout';
import { forArm, type Conditions, type Process, type Truth } from '../model/Truth';

export interface SimulateOptions {
  readonly seed: number;
  /** Last day that has been read; all planned days where it is missing. */
  readonly untilDay?: number;
  /** Who reads, in turn from day to day. */
  readonly observers?: readonly string[];
}

export interface Simulated {
  readonly study: Study;
  readonly truth: Truth;
}

/** Every step of the plan up to a day, done when it was planned; what goes on all the time is not written down. */
function stepsDone(experiment: Experiment, until: string): Care[] {
  return stepMoments(experiment, [], until)
    .filter(({ name, on }) => on <= until && !experiment.plan.stages.some((stage) => stage.name === name && isOngoing(stage)))
    .map(({ name, on, arms }, i): Care => ({ ...blankOf(careFields), id: `step-${i + 1}`, on, kind: 'other', step: name, arms }));
}

interface LivingUnit {
  readonly unit: Unit;
  /** Unit, plant and place together: multiplies levels and paces. */
  readonly factor: number;
  readonly logit: number;
  readonly spread: number;
  readonly conditions: Conditions;
  readonly dud: boolean;
  /** Day of its loss; Infinity where it stays. */
  readonly lostOn: number;
  readonly harmed: { readonly day: number; readonly pace: number } | null;
}

/**
 * Readings of a planned experiment as they might have come out, from a hidden truth that is returned with them.
 * The same experiment, truth and seed give the same readings on every machine.
 * @param experiment a plan; without a start it starts on 1 January 2026
 * @param truth what each arm does, how units vary, what goes wrong
 * @param options seed, last day, observers
 * @returns the study, with the truth behind it
 */
export function simulateStudy(experiment: Experiment, truth: Truth, options: SimulateOptions): Simulated {
  const source = random(options.seed);
  const startedOn = experiment.startedOn ?? '2026-01-01';
  const until = options.untilDay ?? Math.max(0, ...experiment.measures.flatMap((measure) => measure.readingDays));
  const units = experiment.units.map((unit) => liven(unit, experiment, truth, until, source));
  const observers = options.observers ?? [];
  const observations = experiment.measures.flatMap((measure): Observation[] => {
    const process = truth.measures[measure.code];
    if (!process) return [];
    const days = measure.readingDays.filter((day) => day <= until);
    const moods = new Map(days.map((day) => [day, Math.exp(source.normal(0, truth.daySpread) + source.normal(0, truth.observerSpread))]));
    return units.flatMap((living) => {
      const read = reader(process, measure, living, until, source);
      return days
        .filter((day) => day < living.lostOn)
        .map((day): Observation => ({
          id: `${measure.code}-${living.unit.code}-${day}`,
          unit: living.unit.code,
          plant: null,
          measure: measure.code,
          observedOn: addDays(living.unit.startedOn ?? startedOn, Math.floor(day)),
          plannedDay: day,
          moment: null,
          value: read(day, moods.get(day) ?? 1),
          absent: null,
          category: measure.category,
          observer: observers.length > 0 ? itemAt(observers, Math.floor(day) % observers.length) : null,
          blinded: experiment.blinded,
          source: 'hand',
          note: null,
          replaces: null,
        }));
    });
  });
  const lost = units.filter((living) => living.lostOn <= until);
  const incidents = lost.map(({ unit, lostOn }): Incident => ({
    id: `loss-${unit.code}`,
    on: addDays(unit.startedOn ?? startedOn, lostOn),
    kind: 'loss',
    arms: [],
    units: [unit.code],
    note: 'Found dried out.',
    effect: '',
    replaces: null,
    withdrawn: false,
  }));
  const lostDays = new Map(lost.map(({ unit, lostOn }) => [unit.code, addDays(unit.startedOn ?? startedOn, lostOn)]));
  const after = experiment.units.map((unit): Unit => {
    const lostOn = lostDays.get(unit.code);
    return lostOn === undefined ? unit : { ...unit, status: 'lost', statusReason: 'dried out', lostOn };
  });
  // What has not begun has no log.
  const care = until < 0 ? [] : stepsDone({ ...experiment, startedOn }, addDays(startedOn, until));
  return { study: { experiment: { ...experiment, units: after }, observations, incidents, care, photos: [] }, truth };
}

function liven(unit: Unit, experiment: Experiment, truth: Truth, until: number, source: Random): LivingUnit {
  const own = source.normal(0, truth.unitSpread) + source.normal(0, truth.plantSpread);
  const place = placeEffect(unit, experiment, truth);
  const lost = source.share() < truth.losses ? 1 + Math.floor(source.share() * Math.max(1, until)) : Infinity;
  const struck = truth.pest !== null && source.share() < truth.pest.share;
  return {
    unit,
    factor: Math.exp(own) * (1 + place),
    logit: own * 2 + place * 2,
    spread: truth.unitSpread,
    conditions: { ...truth.conditions, ...truth.armConditions[unit.arm] },
    dud: source.share() < truth.duds,
    lostOn: lost,
    harmed: struck && truth.pest ? { day: truth.pest.day, pace: 1 - truth.pest.harm } : null,
  };
}

/** Bright middle of the row, cold corner at the first place of the first row. */
function placeEffect(unit: Unit, { plan, units }: Experiment, { brightMiddle, coldCorner }: Truth): number {
  if (unit.row === null || unit.column === null || (brightMiddle === 0 && coldCorner === 0)) return 0;
  const columns = Math.max(1, ...benchFor(plan.bench, units).map((shelf) => shelf.columns));
  const middle = columns === 1 ? 0 : 1 - Math.abs((2 * (unit.column - 1)) / (columns - 1) - 1);
  const corner = Math.max(0, 1 - (unit.column - 1 + (unit.row - 1)) / 4);
  return brightMiddle * middle - coldCorner * corner;
}

/** What a unit reads on a day: worked out once for the unit, then asked day by day. */
function reader(
  process: Process,
  measure: Measure,
  living: LivingUnit,
  until: number,
  source: Random,
): (day: number, mood: number) => number {
  const { unit, factor, dud, conditions } = living;
  const { arm } = unit;
  const sown = unit.sown ?? 1;
  switch (process.process) {
    case 'sprouting': {
      const days = sproutDays(process, arm, sown, conditions.temperature, living.logit, source);
      return (day) => (dud ? 0 : days.filter((sprout) => sprout <= day).length);
    }
    case 'share': {
      const share = forArm(process.share, arm);
      const odds = (share / Math.max(1e-12, 1 - share)) * Math.exp(living.logit);
      const chance = share >= 1 ? 1 : odds / (1 + odds);
      const shown = Array.from({ length: sown }, () =>
        source.share() < chance ? process.from + source.share() * (process.to - process.from) : Infinity,
      );
      return (day) => (dud ? 0 : shown.filter((onset) => onset <= day).length);
    }
    case 'growth': {
      const series = grow(process, arm, conditions, until, factor, living.harmed);
      return (day, mood) => (dud ? 0 : rounded(readPlant(process, itemAt(series, day)) * mood, process.size));
    }
    case 'level': {
      const level = forArm(process.level, arm) * factor;
      const usual = forArm(process.level, '');
      return (day, mood) => rounded(level * (1 - (1 - process.rate) ** Math.max(day, 1)) * mood, usual, usual * living.spread);
    }
    case 'rating': {
      const own = source.normal(0, process.spread);
      const steps = measure.rubric.map((step) => step.value);
      const [low, high] = steps.length > 0 ? [Math.min(...steps), Math.max(...steps)] : [1, 5];
      return () => Math.min(high, Math.max(low, Math.round(forArm(process.level, arm) + own + (factor - 1) * 2)));
    }
    case 'event': {
      const happens = (forArm(process.days, arm) * Math.exp(source.normal(0, process.spread))) / factor;
      return (day) => (!dud && happens <= day ? 1 : 0);
    }
    case 'harvest':
      return (_day, mood) =>
        dud
          ? 0
          : rounded(forArm(process.each, arm) * factor * mood * Math.exp(source.normal(0, process.spread)), forArm(process.each, arm));
  }
}

/** Rounded as a ruler or balance would read it: three digits of the usual size, or two of the spread between units where that is known. */
function rounded(value: number, size: number, spread: number | null = null): number {
  return Number(Math.max(0, value).toFixed(decimalsFor(size === 0 ? value : size, spread)));
}
