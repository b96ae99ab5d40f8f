import type { UnitValue } from '../compare/Contrast';
import type { CurvePoint, Measure, UnitData } from '../model';
import { untilDay } from './unitEnd';

/**
 * The value of each unit that takes part in the comparison at the end: not lost, not excluded, and read.
 * @param end a unit's one value from its curve; null leaves it out
 * @param share of the sown: a count above the sown cannot be true and is left out (the check `denominator` says so)
 */
export function endValues(data: readonly UnitData[], end: (curve: readonly CurvePoint[]) => number | null, share: boolean): UnitValue[] {
  const values: UnitValue[] = [];
  for (const { unit, curve, onWalks: onRounds } of data) {
    if (unit.status === 'lost' || unit.status === 'excluded') continue;
    const value = end(onRounds ?? curve);
    if (value === null) continue;
    if (share && (unit.sown === null || unit.sown === 0 || value > unit.sown)) continue;
    values.push({ unit: unit.code, arm: unit.arm, block: unit.block, value: share ? value / (unit.sown ?? 1) : value });
  }
  return values;
}

/**
 * The units in which there was still something to read when the value was taken that is compared: an empty pot is not a small plant.
 * @param measure of which `when` says which value that is
 */
export function stillThere({ when }: Pick<Measure, 'when'>, data: readonly UnitData[]): UnitData[] {
  const until = untilDay(when);
  return data.filter(({ nothingFrom }) => nothingFrom === null || nothingFrom > until);
}
