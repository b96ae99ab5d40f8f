import type { Measure, MeasureKind, Unit } from '../model';
import { amountKind } from './amount';
import { countKind } from './count';
import { derivedKind } from './derived';
import { eventKind } from './event';
import { harvestKind } from './harvest';
import type { Kind } from './Kind';
import { ratingKind } from './rating';

export type { Daily, Doubt, Kind, ReadingContext, Readings, Weighed, Wording } from './Kind';

/** The one table of kinds: what follows from what sort of reading a measure is. */
export const kinds: Readonly<Record<MeasureKind, Kind>> = {
  count: countKind,
  amount: amountKind,
  rating: ratingKind,
  event: eventKind,
  harvest: harvestKind,
  derived: derivedKind,
};

/**
 * The kind of a measure.
 * @param measure any measure, or its kind alone
 * @returns what everything else asks instead of the kind's name
 */
export function kindOf({ kind }: Pick<Measure, 'kind'>): Kind {
  return kinds[kind];
}

/**
 * Whether a measure is compared as shares of the sown. Settled once, from the plan: a count, where a unit says how many were sown.
 * @param measure any measure
 * @param units of the experiment
 * @returns false for a count of what nobody sowed, as worms in a spadeful
 */
export function isShare(measure: Pick<Measure, 'kind'>, units: readonly Pick<Unit, 'sown'>[]): boolean {
  return kindOf(measure).ofSown && units.some(({ sown }) => (sown ?? 0) > 0);
}

/**
 * The smallest difference that matters in the unit of the values: shares of 1 where a count is compared as shares.
 * @param measure of the plan, where it stands in points
 * @param share whether it is compared so
 * @returns null where none was set, or none at all would matter
 */
export function mattersAs({ smallestDifference }: Pick<Measure, 'smallestDifference'>, share: boolean): number | null {
  return smallestDifference === null || smallestDifference === 0 ? null : smallestDifference / (share ? 100 : 1);
}
