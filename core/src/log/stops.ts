import { addDays, daysBetween, type Measure, type Observation, type Study, type Unit } from '../model';
import { liveObservations } from '../weigh/liveObservations';
import { walkStops } from './walks';

/** One thing to read on a walk: a measure of a unit, with its reading of this walk if there is one already. */
export interface Stop {
  readonly unit: Unit;
  readonly measure: Measure;
  readonly reading: Observation | null;
}

/** The stops of the walk of a day, in bench order, each unit's measures together. */
export function stopsOf(study: Study, day: number): Stop[] {
  const { experiment } = study;
  const start = experiment.startedOn;
  if (start === null) return [];
  const live = liveObservations(study.observations);
  const measures = experiment.measures.filter((measure) => measure.readingDays.includes(day));
  return walkStops(experiment).flatMap((unit) =>
    measures.map((measure) => {
      const next = Math.min(...measure.readingDays.filter((other) => other > day), Infinity);
      const own = live.filter((seen) => seen.unit === unit.unit && seen.measure === measure.measure);
      const inWalk = own.filter((seen) => daysBetween(start, seen.observedOn) >= day && daysBetween(start, seen.observedOn) < next);
      return { unit, measure, reading: inWalk.at(-1) ?? null };
    }),
  );
}

/** A unit's last reading of a measure before a date; null if there is none. */
export function readingBefore(study: Study, unit: string, measure: string, date: string): Observation | null {
  const earlier = liveObservations(study.observations).filter(
    (seen) => seen.unit === unit && seen.measure === measure && seen.observedOn.slice(0, 10) < date,
  );
  return earlier.sort((a, b) => (a.observedOn < b.observedOn ? -1 : 1)).at(-1) ?? null;
}

/** The date on which a walk was planned. */
export function walkDate(startedOn: string, day: number): string {
  return addDays(startedOn, day);
}
