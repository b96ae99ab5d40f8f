import { addDays, daysBetween, type Experiment, type Measure } from '../model';
import { walkOrder } from '../plan/shelfOf';

/** How many units have a reading of a measure on a date. */
export interface ReadSoFar {
  readonly measure: string;
  readonly on: string;
  readonly units: number;
}

export type WalkState = 'done' | 'due' | 'missed' | 'coming';

/** One round along the bench: the measures that are read on one day. */
export interface Walk {
  readonly day: number;
  readonly on: string;
  readonly measures: readonly Measure[];
  readonly state: WalkState;
  /** Units still without one of these readings. */
  readonly left: number;
  readonly units: number;
}

/**
 * Every walk of a started experiment in order of days. A reading counts for the planned day nearest before or on its date, up to the next planned day,
 * so that a late reading fills its own walk.
 * @param today calendar date in the experiment's time zone
 */
export function walks(
  experiment: Pick<Experiment, 'startedOn' | 'measures' | 'units' | 'plan'>,
  read: readonly ReadSoFar[],
  today: string,
): Walk[] {
  const { startedOn, measures, units, plan } = experiment;
  if (startedOn === null || plan.frozenOn === null) return [];
  const active = units.filter((unit) => unit.status === 'active').length;
  const days = [...new Set(measures.flatMap((measure) => measure.readingDays))].sort((a, b) => a - b);
  return days.map((day) => {
    const on = addDays(startedOn, day);
    const due = measures.filter((measure) => measure.readingDays.includes(day));
    const left = Math.max(0, ...due.map((measure) => active - unitsRead(measure, day, read, startedOn)));
    const state: WalkState = left === 0 ? 'done' : on > today ? 'coming' : on === today ? 'due' : 'missed';
    return { day, on, measures: due, state, left: Math.min(active, left), units: active };
  });
}

function unitsRead(measure: Measure, day: number, read: readonly ReadSoFar[], startedOn: string): number {
  const next = Math.min(...measure.readingDays.filter((other) => other > day), Infinity);
  return read
    .filter((row) => row.measure === measure.measure)
    .filter((row) => daysBetween(startedOn, row.on) >= day && daysBetween(startedOn, row.on) < next)
    .reduce((most, row) => Math.max(most, row.units), 0);
}

/** About how long a walk takes, in minutes: some ten seconds a count, fifteen a ruler or balance. */
export function walkMinutes(walk: Pick<Walk, 'measures' | 'left'>): number {
  const seconds = walk.measures.reduce((sum, measure) => sum + (measure.kind === 'count' || measure.kind === 'event' ? 10 : 15), 0);
  return Math.max(1, Math.round((walk.left * seconds) / 60));
}

/** Active units in bench order: the stops of a walk. */
export function walkStops(experiment: Pick<Experiment, 'units'>) {
  return walkOrder(experiment.units.filter((unit) => unit.status === 'active'));
}
