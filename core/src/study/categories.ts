import { kindOf } from '../kinds';
import type { Measure, Observation, Study, Unit } from '../model';
import { cell } from './readings';

/**
 * Whether a count is made by category in one go.
 * @param measure any measure
 * @returns false where there is one count alone
 */
export const hasCategories = (measure: Pick<Measure, 'kind' | 'categories'>): boolean =>
  kindOf(measure).ofSown && measure.categories.length > 0;

/**
 * A category as it is said: "just starting" of `just-starting`.
 * @param category its code
 * @returns words
 */
export const categoryWords = (category: string): string => category.replaceAll('-', ' ');

/**
 * What was counted of a unit on a walk, category by category.
 * @param measure that is counted by category
 * @param unit that is read
 * @param plannedDay of the walk, in days after the unit's start; null looks among the readings named in `taken`
 * @param taken ids of an extra walk
 * @returns the reading that counts of each category
 */
export function categoryReadings(
  study: Study,
  measure: Measure,
  unit: Pick<Unit, 'code'>,
  plannedDay: number | null,
  taken: ReadonlySet<string> = new Set(),
): ReadonlyMap<string, Observation> {
  const here = cell(study, measure.code, unit.code).live.filter((seen) =>
    plannedDay === null ? taken.has(seen.id) : seen.plannedDay === plannedDay,
  );
  return new Map(here.flatMap((seen) => (seen.category === null ? [] : [[seen.category, seen] as const])));
}

/**
 * How a count by category closes: what is still to be told of those that were sown.
 * @param counts by category; what is not counted yet is not there
 * @param sown of the unit; null where nothing was counted out
 * @returns how many are left, below 0 where there are too many; null where nothing closes it
 */
export function leftToTell(counts: ReadonlyMap<string, number>, sown: number | null): number | null {
  if (sown === null) return null;
  return [...counts.values()].reduce((left, count) => left - count, sown);
}
