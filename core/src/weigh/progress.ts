import { kindOf } from '../kinds';
import { untilDay } from '../kinds/unitEnd';
import { addDays, type Experiment, type Measure, type UnitData } from '../model';

/** How far a measure has come: the day of its last reading, and the day on which the plan ends it. */
export interface Progress {
  readonly day: number;
  readonly lastDay: number;
}

/**
 * How far a measure has come, where its last planned day has not been read.
 * @param data of its units
 * @returns null where that day was read, or it has happened to all
 */
export function progressOf(measure: Measure, data: readonly UnitData[]): Progress | null {
  if (measure.readingDays.length === 0) return null;
  const lastDay = Math.min(Math.max(...measure.readingDays), untilDay(measure.when));
  const curves = data.filter(({ unit }) => unit.status === 'active').map(({ curve }) => curve);
  const day = Math.max(-1, ...data.map(({ curve }) => curve.at(-1)?.day ?? -1));
  if (day < 0 || day >= lastDay) return null;
  if (kindOf(measure).timed && curves.every((curve) => (curve.at(-1)?.value ?? 0) > 0)) return null;
  return { day, lastDay };
}

/**
 * How far it has come where one looks before the planned end.
 * @param experiment it belongs to
 * @param today calendar date of the look, where one looks while it runs
 * @returns null from the planned end on: its last day was read or is over, the experiment was ended, or it has happened to all
 */
export function soFar({ endedOn, startedOn }: Experiment, measure: Measure, data: readonly UnitData[], today?: string): Progress | null {
  const progress = progressOf(measure, data);
  if (progress === null || endedOn !== null) return null;
  const isOver = today !== undefined && startedOn !== null && today > addDays(startedOn, Math.ceil(progress.lastDay));
  return isOver ? null : progress;
}
