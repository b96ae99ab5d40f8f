import { itemAt } from '../invariant';
import { kindOf } from '../kinds';
import type { Measure, Observation, Study } from '../model';
import { readingsOf } from './readings';
import { memoize } from './memoize';

/** Readings of one unit, or one plant of it, for one walk that say different things; extra readings, of one day. */
export interface DuplicateReading {
  readonly measure: Measure;
  readonly unit: string;
  readonly plant: string | null;
  /** Calendar date. */
  readonly on: string;
  /** In the order in which they came in. */
  readonly readings: readonly Observation[];
}

/**
 * Where two people, or two devices without a network, read the same thing for the same walk and differ. Both are kept; someone says which
 * is right.
 * @returns in the order of the measures; none of measures whose readings add up
 */
export function duplicateReadings(study: Study): DuplicateReading[] {
  return study.experiment.measures
    .filter((measure) => !kindOf(measure).adds)
    .flatMap((measure) =>
      [...readingsOf(study, measure.code)].flatMap(([unit, { live }]) => doublesIn(live).map((found) => ({ measure, unit, ...found }))),
    );
}

const doublesIn = memoize((live: readonly Observation[]): Pick<DuplicateReading, 'plant' | 'on' | 'readings'>[] => {
  const groups = new Map<string, Observation[]>();
  for (const seen of live) {
    const key = JSON.stringify([seen.plannedDay ?? seen.observedOn.slice(0, 10), seen.plant, seen.category]);
    const group = groups.get(key);
    if (group) group.push(seen);
    else groups.set(key, [seen]);
  }
  return [...groups.values()]
    .filter((readings) => readings.some((other) => !saysTheSame(other, itemAt(readings, 0))))
    .map((readings) => ({ plant: itemAt(readings, 0).plant, on: itemAt(readings, 0).observedOn.slice(0, 10), readings }));
});

const saysTheSame = (a: Observation, b: Observation) => a.value === b.value && a.absent === b.absent;

/**
 * The corrections that settle a double.
 * @param double what is settled
 * @param right the reading that is right, one of its own
 * @param by who says so, and an id for each correction
 * @returns a reading in the place of each of the others, with the right value
 */
export function settleDuplicate(
  { readings }: DuplicateReading,
  right: Observation,
  by: { readonly observer: string | null; readonly id: () => string },
): Observation[] {
  return readings
    .filter((other) => !saysTheSame(other, right))
    .map((wrong) => ({
      ...wrong,
      id: by.id(),
      value: right.value,
      category: right.category,
      absent: right.absent,
      observer: by.observer,
      note: `read twice; ${wrong.value ?? 'nothing'} was not right`,
      replaces: wrong.id,
    }));
}
