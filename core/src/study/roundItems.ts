import { kindOf } from '../kinds';
import { daysBetween, isValued, type Measure, type Observation, type Study, type Unit, type Valued } from '../model';
import { random, shuffled } from '../stats/random';
import { roundOrder } from './bench/shelves';
import { categoryReadings, hasCategories } from './categories';
import { startOf } from './curves';
import { cell } from './readings';
import { unitsRead } from './unitsRead';
import { filledRounds } from './roundOf';

/** One thing to read on a walk: a measure of a unit, with its reading of this walk if there is one already. */
export interface RoundItem {
  readonly unit: Unit;
  readonly measure: Measure;
  /** Which plant of the unit; null where the unit is read as a whole. */
  readonly plant: string | null;
  /** The walk in days after the unit's own start; null on an extra walk. */
  readonly plannedDay: number | null;
  readonly reading: Observation | null;
}

/**
 * The stops of a walk, in bench order, each unit's measures together.
 * @param day of the walk, counted from the experiment's start
 * @returns a stop for each unit and measure that is due on that walk
 */
export function roundItemsOf(study: Study, day: number): RoundItem[] {
  const { experiment } = study;
  const { startedOn } = experiment;
  if (startedOn === null) return [];
  const measures = experiment.measures.filter((measure) => kindOf(measure).entry !== 'none');
  return inRoundOrder(study, measures).flatMap(({ unit, measures: own }) => {
    const start = startOf(unit, experiment) ?? startedOn;
    const planned = day - daysBetween(startedOn, start);
    return own
      .filter(({ readingDays }) => readingDays.includes(planned))
      .flatMap((measure) =>
        plantsOf(study, measure, unit).map((plant) => ({
          unit,
          measure,
          plant,
          plannedDay: planned,
          reading:
            plant === null ? readingOnRound(study, measure, unit, planned, start) : readingOfPlant(study, measure, unit, planned, plant),
        })),
      );
  });
}

/**
 * The same stops in a fresh random order of units, so that a hand that grows tired does not tire along the bench. The stops of one unit stay
 * together.
 * @param items of one walk
 * @param seed the same seed gives the same order
 */
export function inRandomOrder(items: readonly RoundItem[], seed: number): RoundItem[] {
  const units = [...new Set(items.map(({ unit }) => unit.code))].sort();
  return shuffled(units, random(seed)).flatMap((code) => items.filter(({ unit }) => unit.code === code));
}

/** Each unit in bench order with what is read of it, or of the tank for which it stands. */
function inRoundOrder(
  { experiment }: Study,
  measures: readonly Measure[],
): { readonly unit: Unit; readonly measures: readonly Measure[] }[] {
  const read = new Map(
    measures.map((measure) => [
      measure,
      new Set(unitsRead(experiment, measure).flatMap(({ code: unit, status }) => (status === 'active' ? [unit] : []))),
    ]),
  );
  return roundOrder(experiment.units).flatMap((unit) => {
    const own = measures.filter((measure) => read.get(measure)?.has(unit.code));
    return own.length > 0 ? [{ unit, measures: own }] : [];
  });
}

/** More plants in one unit nobody measures one by one. */
const MOST_PLANTS = 60;

/** The plants of a unit that are measured one by one: those that are kept, or were sown, or were measured before; null for the unit itself. */
function plantsOf(study: Study, measure: Measure, unit: Unit): readonly (string | null)[] {
  if (measure.by !== 'plant') return [null];
  const { live } = cell(study, measure.code, unit.code);
  const seen = Math.max(0, ...live.map(({ plant }) => Number(plant) || 0));
  const count = Math.min(MOST_PLANTS, Math.max(1, study.experiment.plan.plantsKept ?? unit.sown ?? 1, seen));
  return Array.from({ length: count }, (_, i) => String(i + 1));
}

function readingOfPlant(study: Study, measure: Measure, unit: Unit, planned: number, plant: string): Observation | null {
  const own = cell(study, measure.code, unit.code).live.filter((seen) => seen.plannedDay === planned && seen.plant === plant);
  return own[own.length - 1] ?? null;
}

/**
 * The stops of a walk at which something is still to be read. A unit whose plants are measured one by one is read once one of them is: how
 * many it has is seen at the bench.
 * @param items of one walk
 * @returns those that are open, in their order
 */
export function openItems(items: readonly RoundItem[]): RoundItem[] {
  const key = ({ unit, measure }: RoundItem) => `${unit.code} ${measure.code}`;
  const begun = new Set(items.filter(({ plant, reading }) => plant !== null && reading !== null).map(key));
  return items.filter((item) => item.reading === null && !(item.plant !== null && begun.has(key(item))));
}

function readingOnRound(study: Study, measure: Measure, unit: Unit, planned: number, start: string): Observation | null {
  const reading = filledRounds(cell(study, measure.code, unit.code).live, measure, start).get(planned)?.reading ?? null;
  return hasCategories(measure) ? (categoryReadings(study, measure, unit, planned).get(measure.category ?? '') ?? reading) : reading;
}

/**
 * The stops of a visit that no walk asks for: a picking on a day of its own, a look in between. What was read before stays beside it.
 * @param measures that are read
 * @param taken ids of what was read on this visit
 * @returns a stop for each active unit and measure, in bench order
 */
export function extraItems(study: Study, measures: readonly Measure[], taken: ReadonlySet<string>): RoundItem[] {
  return inRoundOrder(study, measures).flatMap(({ unit, measures: own }) =>
    own.flatMap((measure) =>
      plantsOf(study, measure, unit).map((plant) => {
        const { live } = cell(study, measure.code, unit.code);
        const reading = live.findLast((seen) => taken.has(seen.id) && seen.plant === plant) ?? null;
        return { unit, measure, plant, plannedDay: null, reading };
      }),
    ),
  );
}

/**
 * A unit's last value of a measure before a date; null if there is none.
 * @param unit its code
 * @param measure its code
 * @param date calendar date
 * @param of which plant of the unit, and which category of a count; null where it is read as a whole
 * @returns the reading that counts, after corrections
 */
export function readingBefore(
  study: Study,
  unit: string,
  measure: string,
  date: string,
  { plant, category }: Partial<Pick<Observation, 'plant' | 'category'>> = {},
): Valued | null {
  const isOther = (seen: Observation) => (plant != null && seen.plant !== plant) || (category != null && seen.category !== category);
  return cell(study, measure, unit).live.reduce<Valued | null>((last, seen) => {
    if (!isValued(seen) || isOther(seen) || seen.observedOn.slice(0, 10) >= date) return last;
    return last === null || seen.observedOn >= last.observedOn ? seen : last;
  }, null);
}
