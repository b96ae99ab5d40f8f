import type { Unit } from './unit';

/** A unit's value on a day after its start. */
export interface CurvePoint {
  readonly day: number;
  readonly value: number;
}

/** A unit with what was read of it in one measure, in order of days. */
export interface UnitData {
  readonly unit: Unit;
  readonly curve: readonly CurvePoint[];
  /** The same with each reading on the day of its walk, where one was read late and the value of a planned day is what counts. */
  readonly onWalks?: readonly CurvePoint[];
  /** The day from which on there was nothing left to read in it; null where there was. */
  readonly nothingFrom: number | null;
}
