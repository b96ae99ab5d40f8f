import { kindOf } from '../kinds';
import { addDays, daysBetween, type Experiment, type Measure, type Observation, type Study, type Unit } from '../model';
import { startOf } from './curves';
import { cell } from './readings';
import { memoize } from './memoize';
import { unitsRead } from './unitsRead';
import { filledRounds } from './roundOf';

/** How many units have a reading of a measure for a walk, apart for units that started on a day of their own. */
export interface ReadSoFar {
  readonly measure: string;
  /** Counted from the units' own start. */
  readonly plannedDay: number;
  readonly units: number;
  /** The same of what they share, each unit that shares nothing for itself. */
  readonly containers: number;
  /** The units' own start; null where it is the experiment's. */
  readonly startedOn: string | null;
}

export type RoundState = 'done' | 'due' | 'missed' | 'coming';

/** One round along the bench: the measures that are read on one day. */
export interface Round {
  /** Counted from the experiment's start. */
  readonly day: number;
  readonly on: string;
  readonly measures: readonly Measure[];
  readonly state: RoundState;
  /** Units still without one of these readings. */
  readonly left: number;
  readonly units: number;
}

/** Active units by the day on which they started; null where it is the experiment's. */
export interface StartCount {
  readonly startedOn: string | null;
  readonly units: number;
  /** What they share, each unit that shares nothing for itself. */
  readonly containers: number;
}

type Planned = Pick<Experiment, 'startedOn' | 'measures' | 'plan'>;

/** Of the units that started on one day, how many were read on a walk. */
type Filled = (measure: Measure, plannedDay: number, start: Start) => number;

/** Units that started on the same day. */
interface Start {
  readonly startedOn: string | null;
  /** Days after the experiment's start. */
  readonly later: number;
  readonly count: number;
  readonly containers: number;
  /** Empty where only counts are known. */
  readonly units: readonly Unit[];
}

/**
 * Every walk of a started experiment in order of days, from counts of its units and of what was read.
 * @param experiment a started plan
 * @param starts its active units
 * @param read of them
 * @param today calendar date in the experiment's time zone
 * @returns empty before the start
 */
export function recordingRounds(experiment: Planned, starts: readonly StartCount[], read: readonly ReadSoFar[], today: string): Round[] {
  const planned = plannedRounds(
    experiment,
    starts.map((start) => startFrom(experiment, start, [])),
  );
  return roundsFrom(planned, today, (measure, plannedDay, { startedOn }) => {
    const row = read.find((own) => own.measure === measure.code && own.startedOn === startedOn && own.plannedDay === plannedDay);
    return row === undefined ? 0 : measure.by === 'container' ? row.containers : row.units;
  });
}

/**
 * The same of an experiment that is open with all its readings.
 * @param today calendar date in the experiment's time zone
 * @returns empty before the start
 */
export function roundsOfStudy(study: Study, today: string): Round[] {
  const counted = new Map<Start, Map<Measure, ReadonlyMap<number, number>>>();
  return roundsFrom(roundsOfUnits(study.experiment), today, (measure, plannedDay, start) => {
    const byMeasure = counted.get(start) ?? new Map<Measure, ReadonlyMap<number, number>>();
    counted.set(start, byMeasure);
    const counts = byMeasure.get(measure) ?? unitsOnRounds(study, measure, start);
    byMeasure.set(measure, counts);
    return counts.get(plannedDay) ?? 0;
  });
}

/** What was counted of the units that started on one day, with the readings that it was counted from. */
interface Counted {
  readonly counts: Map<number, number>;
  readonly from: Map<string, { readonly live: readonly Observation[]; readonly start: string }>;
}

// Of each measure, by start: a new reading changes the count of its own unit alone.
const known = new WeakMap<Measure, Map<string, Counted>>();
const MOST_REMEMBERED = 50;

/** How many of the units were read on each walk, by its planned day. */
function unitsOnRounds(study: Study, measure: Measure, { startedOn, units: own }: Start): ReadonlyMap<number, number> {
  const units = measure.by === 'container' ? standingFor(study, measure, own) : own;
  const starts = known.get(measure) ?? new Map<string, Counted>();
  known.set(measure, starts);
  const key = `${startedOn ?? ''} ${units.map(({ code: unit }) => unit).join(' ')}`;
  const counted: Counted = starts.get(key) ?? { counts: new Map(), from: new Map() };
  if (starts.size > MOST_REMEMBERED) starts.clear();
  starts.set(key, counted);
  const add = (live: readonly Observation[], start: string, by: 1 | -1) => {
    for (const day of filledRounds(live, measure, start).keys()) counted.counts.set(day, (counted.counts.get(day) ?? 0) + by);
  };
  for (const unit of units) {
    const start = startOf(unit, study.experiment);
    if (start === null) continue;
    const { live } = cell(study, measure.code, unit.code);
    const before = counted.from.get(unit.code);
    if (before?.live === live && before.start === start) continue;
    if (before) add(before.live, before.start, -1);
    add(live, start, 1);
    counted.from.set(unit.code, { live, start });
  }
  return counted.counts;
}

/** Those that stand for what any of the units shares. */
function standingFor({ experiment }: Study, measure: Measure, units: readonly Unit[]): readonly Unit[] {
  const [codes, names] = [new Set(units.map(({ code: unit }) => unit)), new Set(units.map(({ container }) => container))];
  return unitsRead(experiment, measure).filter(({ code: unit, container }) =>
    container === null ? codes.has(unit) : names.has(container),
  );
}

/** A walk as the plan alone makes it: what is due of which units. */
interface PlannedRound {
  readonly day: number;
  readonly on: string;
  readonly measures: readonly Measure[];
  readonly parts: readonly { readonly measure: Measure; readonly start: Start; readonly plannedDay: number }[];
  readonly units: number;
}

/** Asked for after every reading, and changed by none. */
const roundsOfUnits = memoize((experiment: Experiment) => {
  const active = experiment.units.filter((unit) => unit.status === 'active');
  const own = [...new Set(active.map((unit) => unit.startedOn))];
  return plannedRounds(
    experiment,
    own.map((startedOn) => {
      const units = active.filter((unit) => unit.startedOn === startedOn);
      return startFrom(experiment, { startedOn, units: units.length, containers: containersIn(units) }, units);
    }),
  );
});

const containersIn = (units: readonly Unit[]) => new Set(units.map(({ code: unit, container }) => container ?? `unit ${unit}`)).size;

function startFrom({ startedOn: first }: Planned, { startedOn, units: count, containers }: StartCount, units: readonly Unit[]): Start {
  return { startedOn, later: startedOn === null || first === null ? 0 : daysBetween(first, startedOn), count, containers, units };
}

function plannedRounds(experiment: Planned, own: readonly Start[]): PlannedRound[] {
  const { startedOn, plan } = experiment;
  if (startedOn === null || plan.lockedOn === null) return [];
  // Also where every unit is gone: the days stand.
  const starts = own.some((start) => start.startedOn === null)
    ? own
    : [startFrom(experiment, { startedOn: null, units: 0, containers: 0 }, []), ...own];
  const measures = experiment.measures.filter((measure) => kindOf(measure).entry !== 'none');
  const days = new Set(starts.flatMap(({ later }) => measures.flatMap(({ readingDays }) => readingDays.map((day) => day + later))));
  const planned = new Map(measures.map((measure) => [measure, new Set(measure.readingDays)]));
  return [...days]
    .sort((a, b) => a - b)
    .map((day) => {
      const parts = measures.flatMap((measure) =>
        starts
          .filter(({ later }) => planned.get(measure)?.has(day - later))
          .map((start) => ({ measure, start, plannedDay: day - start.later })),
      );
      const units = [...new Set(parts.map(({ start }) => start))].reduce((sum, start) => sum + start.count, 0);
      return { day, on: addDays(startedOn, day), measures: [...new Set(parts.map(({ measure }) => measure))], parts, units };
    });
}

function roundsFrom(planned: readonly PlannedRound[], today: string, filled: Filled): Round[] {
  return planned.map(({ day, on, measures, parts, units }) => {
    const waiting = new Map<Measure, number>();
    for (const { measure, start, plannedDay } of parts)
      waiting.set(
        measure,
        (waiting.get(measure) ?? 0) +
          Math.max(0, (measure.by === 'container' ? start.containers : start.count) - filled(measure, plannedDay, start)),
      );
    const left = Math.max(0, ...waiting.values());
    return { day, on, measures, state: roundState(left, on, today), left, units };
  });
}

/**
 * What a walk is on a day.
 * @param left units without a reading
 * @param on calendar date of the walk
 * @param today calendar date
 * @returns done, whatever the day, where nothing is left
 */
export function roundState(left: number, on: string, today: string): RoundState {
  if (left === 0) return 'done';
  if (on > today) return 'coming';
  return on === today ? 'due' : 'missed';
}

/**
 * About how long a walk takes, in minutes.
 * @param measures what is read on it
 * @param left units to read
 * @returns a whole number, 1 or more
 */
export function roundMinutes({ measures, left }: { readonly measures: readonly Pick<Measure, 'kind'>[]; readonly left: number }): number {
  const seconds = measures.reduce((sum, measure) => sum + kindOf(measure).seconds, 0);
  return Math.max(1, Math.round((left * seconds) / 60));
}
