import type { Measure } from '../model';
import type { UnitValue } from './Result';
import { unitEnd } from './unitEnd';
import type { UnitData } from './unitData';

/** Whether a measure is compared as shares of the sown: a count of which at least one unit says how many were sown. */
export function isShare(measure: Measure, data: readonly UnitData[]): boolean {
  return measure.kind === 'count' && data.some(({ unit }) => (unit.sown ?? 0) > 0);
}

/**
 * The value of each unit that takes part in the comparison at the end: not lost, not excluded, and read.
 * A count of the sown becomes a share; a count above the sown cannot be true and is left out (the check `denominator` says so).
 */
export function endValues(measure: Measure, data: readonly UnitData[]): UnitValue[] {
  const share = isShare(measure, data);
  const values: UnitValue[] = [];
  for (const { unit, curve } of data) {
    if (unit.status === 'lost' || unit.status === 'excluded') continue;
    const end = unitEnd(measure, curve);
    if (end === null) continue;
    if (share && (unit.sown === null || unit.sown === 0 || end > unit.sown)) continue;
    values.push({ unit: unit.unit, arm: unit.arm, block: unit.block, value: share ? end / (unit.sown ?? 1) : end });
  }
  return values;
}
