import { lastOf } from '../invariant';
import type { CurvePoint, Measure } from '../model';

/**
 * The one value of a unit that is compared, as the measure's `when` says; null where it was not read.
 * @param curve in order of days
 */
export function unitEnd(measure: Pick<Measure, 'when'>, curve: readonly CurvePoint[]): number | null {
  if (curve.length === 0) return null;
  const { when } = measure;
  if (when === 'total') return sumOf(curve);
  if (when === 'area') return curve.length < 2 ? null : areaUnder(curve);
  if (when === 'final') return lastOf(curve).value;
  const day = untilDay(when);
  return curve.find((point) => point.day === day)?.value ?? null;
}

/** The last day that counts: N where `when` is `day N`; no day ends it (Infinity) otherwise. */
export function untilDay(when: Measure['when']): number {
  return when.startsWith('day ') ? Number(when.slice('day '.length)) : Infinity;
}

/** All values of a curve added up. */
export function sumOf(curve: readonly CurvePoint[]): number {
  return curve.reduce((sum, point) => sum + point.value, 0);
}

/** Area under a curve by trapezia, in value × days. */
export function areaUnder(curve: readonly CurvePoint[]): number {
  let area = 0;
  for (const [i, point] of curve.entries()) {
    const before = curve[i - 1];
    if (before) area += ((point.value + before.value) / 2) * (point.day - before.day);
  }
  return area;
}
