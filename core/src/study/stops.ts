import { kindOf } from '../kinds';
import { daysBetween, isValued, type Measure, type Observation, type Study, type Unit, type Valued } from '../model';
import { walkOrder } from './bench/shelves';
import { categoryReadings, hasCategories } from './categories';
import { startOf } from './curves';
import { cell } from './readings';
import { walksFilled } from './walkOf';

/** One thing to read on a walk: a measure of a unit, with its reading of this walk if there is one already. */
export interface Stop {
  readonly unit: Unit;
  readonly measure: Measure;
  /** The walk in days after the unit's own start; null on an extra visit. */
  readonly plannedDay: number | null;
  readonly reading: Observation | null;
}

/**
 * The stops of a walk, in bench order, each unit's measures together.
 * @param study with its readings
 * @param day of the walk, counted from the experiment's start
 * @returns a stop for each unit and measure that is due on that walk
 */
export function stopsOf(study: Study, day: number): Stop[] {
  const { experiment } = study;
  const { startedOn } = experiment;
  if (startedOn === null) return [];
  const measures = experiment.measures.filter((measure) => kindOf(measure).entry !== 'none');
  return walkOrder(experiment.units.filter((unit) => unit.status === 'active')).flatMap((unit) => {
    const start = startOf(unit, experiment) ?? startedOn;
    const planned = day - daysBetween(startedOn, start);
    return measures
      .filter(({ readingDays }) => readingDays.includes(planned))
      .map((measure) => ({
        unit,
        measure,
        plannedDay: planned,
        reading: readingOnWalk(study, measure, unit, planned, start),
      }));
  });
}

function readingOnWalk(study: Study, measure: Measure, unit: Unit, planned: number, start: string): Observation | null {
  const reading = walksFilled(cell(study, measure.measure, unit.unit).live, measure, start).get(planned)?.reading ?? null;
  return hasCategories(measure) ? (categoryReadings(study, measure, unit, planned).get(measure.category ?? '') ?? reading) : reading;
}

/**
 * The stops of a visit that no walk asks for: a picking on a day of its own, a look in between. What was read before stays beside it.
 * @param study with its readings
 * @param measures that are read
 * @param taken ids of what was read on this visit
 * @returns a stop for each active unit and measure, in bench order
 */
export function extraStops(study: Study, measures: readonly Measure[], taken: ReadonlySet<string>): Stop[] {
  return walkOrder(study.experiment.units.filter((unit) => unit.status === 'active')).flatMap((unit) =>
    measures.map((measure) => {
      const reading = cell(study, measure.measure, unit.unit).live.findLast(({ id }) => taken.has(id)) ?? null;
      return { unit, measure, plannedDay: null, reading };
    }),
  );
}

/**
 * A unit's last value of a measure before a date; null if there is none.
 * @param study with its readings
 * @param unit its code
 * @param measure its code
 * @param date calendar date
 * @returns the reading that counts, after corrections
 */
export function readingBefore(study: Study, unit: string, measure: string, date: string): Valued | null {
  return cell(study, measure, unit).live.reduce<Valued | null>((last, seen) => {
    if (!isValued(seen) || seen.observedOn.slice(0, 10) >= date) return last;
    return last === null || seen.observedOn >= last.observedOn ? seen : last;
  }, null);
}
