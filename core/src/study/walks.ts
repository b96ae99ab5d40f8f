import { kindOf } from '../kinds';
import { addDays, daysBetween, type Experiment, type Measure, type Study, type Unit } from '../model';
import { startOf } from './curves';
import { cell } from './readings';
import { walkOf, walksFilled } from './walkOf';

/** How many units have a reading of a measure on a date, apart for units that started on a day of their own. */
export interface ReadSoFar {
  readonly measure: string;
  readonly on: string;
  readonly units: number;
  /** The units' own start; null where it is the experiment's. */
  readonly startedOn: string | null;
}

export type WalkState = 'done' | 'due' | 'missed' | 'coming';

/** One round along the bench: the measures that are read on one day. */
export interface Walk {
  /** Counted from the experiment's start. */
  readonly day: number;
  readonly on: string;
  readonly measures: readonly Measure[];
  readonly state: WalkState;
  /** Units still without one of these readings. */
  readonly left: number;
  readonly units: number;
}

type Planned = Pick<Experiment, 'startedOn' | 'measures' | 'units' | 'plan'>;

/** Of the units that started on one day, how many were read on a walk. */
type Filled = (measure: Measure, plannedDay: number, start: Start) => number;

/** Units that started on the same day. */
interface Start {
  readonly startedOn: string | null;
  /** Days after the experiment's start. */
  readonly later: number;
  readonly units: readonly Unit[];
}

/**
 * Every walk of a started experiment in order of days, from counts of what was read.
 * @param read as the list of experiments brings it
 * @param today calendar date in the experiment's time zone
 */
export function walks(experiment: Planned, read: readonly ReadSoFar[], today: string): Walk[] {
  return walksFrom(experiment, today, (measure, plannedDay, { startedOn }) => {
    const from = startedOn ?? experiment.startedOn ?? '';
    return read
      .filter((row) => row.measure === measure.measure && row.startedOn === startedOn)
      .filter((row) => walkOf(daysBetween(from, row.on), measure) === plannedDay)
      .reduce((most, row) => Math.max(most, row.units), 0);
  });
}

/** The same of an experiment that is open with all its readings. */
export function walksOfStudy(study: Study, today: string): Walk[] {
  const counted = new Map<string, number>();
  return walksFrom(study.experiment, today, (measure, plannedDay, start) => {
    const key = `${start.startedOn ?? ''}\n${measure.measure}`;
    if (!counted.has(key)) {
      counted.set(key, 0);
      for (const unit of start.units) {
        const from = startOf(unit, study.experiment);
        const filled = from === null ? [] : walksFilled(cell(study, measure.measure, unit.unit).live, measure, from).keys();
        for (const day of filled) counted.set(`${key}\n${day}`, (counted.get(`${key}\n${day}`) ?? 0) + 1);
      }
    }
    return counted.get(`${key}\n${plannedDay}`) ?? 0;
  });
}

function walksFrom(experiment: Planned, today: string, filled: Filled): Walk[] {
  const { startedOn, plan } = experiment;
  if (startedOn === null || plan.frozenOn === null) return [];
  const starts = startsOf(experiment, startedOn);
  const measures = experiment.measures.filter((measure) => kindOf(measure).entry !== 'none');
  const days = new Set(starts.flatMap(({ later }) => measures.flatMap(({ readingDays }) => readingDays.map((day) => day + later))));
  return [...days]
    .sort((a, b) => a - b)
    .map((day) => {
      const on = addDays(startedOn, day);
      const waiting = (measure: Measure) =>
        starts
          .filter(({ later }) => measure.readingDays.includes(day - later))
          .reduce((sum, start) => sum + Math.max(0, start.units.length - filled(measure, day - start.later, start)), 0);
      const due = measures.filter(({ readingDays }) => starts.some(({ later }) => readingDays.includes(day - later)));
      const units = starts
        .filter(({ later }) => due.some(({ readingDays }) => readingDays.includes(day - later)))
        .reduce((sum, start) => sum + start.units.length, 0);
      const left = Math.max(0, ...due.map(waiting));
      return { day, on, measures: due, state: stateOf(left, on, today), left, units };
    });
}

function stateOf(left: number, on: string, today: string): WalkState {
  if (left === 0) return 'done';
  if (on > today) return 'coming';
  return on === today ? 'due' : 'missed';
}

/** Active units by the day on which they started. */
function startsOf({ units }: Planned, startedOn: string): Start[] {
  const active = units.filter((unit) => unit.status === 'active');
  const own = [...new Set([null, ...active.map((unit) => unit.startedOn)])];
  return own
    .map((start) => ({
      startedOn: start,
      later: start === null ? 0 : daysBetween(startedOn, start),
      units: active.filter((unit) => unit.startedOn === start),
    }))
    .filter((start) => start.units.length > 0 || start.startedOn === null);
}

/** About how long a walk takes, in minutes. */
export function walkMinutes(walk: Pick<Walk, 'measures' | 'left'>): number {
  const seconds = walk.measures.reduce((sum, measure) => sum + kindOf(measure).seconds, 0);
  return Math.max(1, Math.round((walk.left * seconds) / 60));
}
