import { kindOf, type Doubt } from '../kinds';
import { shortDate, type Measure, type Study, type Unit } from '../model';
import { readingBefore } from '../study/roundItems';

/** What is read, and when. */
interface Read {
  readonly unit: Unit;
  readonly measure: Measure;
  /** Which plant of the unit; null where it is read as a whole. */
  readonly plant: string | null;
  /** Calendar date. */
  readonly on: string;
}

/**
 * What a second look at a number should settle: beside what the unit read last, and what the others read on the same walk.
 * @param read what is read, and when
 * @param value as it was typed
 * @param neighbours what the other units read
 * @returns empty where nothing is odd
 */
export function plausibilityChecks(
  study: Study,
  { unit, measure, plant, on }: Read,
  value: number,
  neighbours: readonly number[],
): readonly Doubt[] {
  const last = readingBefore(study, unit.code, measure.code, on, plant);
  const before = last === null ? null : { value: last.value, when: shortDate(last.observedOn) };
  return kindOf(measure).doubts(value, { measure, unit, before, neighbours });
}
