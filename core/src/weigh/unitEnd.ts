import type { Measure } from '../model';
import type { CurvePoint } from './unitCurve';

/** The one value of a unit that is compared, as the measure's `when` says; null where it was not read. */
export function unitEnd(measure: Measure, curve: readonly CurvePoint[]): number | null {
  if (curve.length === 0) return null;
  const last = curve[curve.length - 1];
  const { when } = measure;
  if (when === 'total') return curve.reduce((sum, point) => sum + point.value, 0);
  if (when === 'area') return curve.length < 2 ? null : areaUnder(curve);
  if (when === 'final') return last.value;
  const day = Number(when.slice('day '.length));
  // A total grows until its day; any other measure must have been read on it.
  if (measure.kind === 'harvest') return curve.filter((point) => point.day <= day).reduce((sum, point) => sum + point.value, 0);
  return curve.find((point) => point.day === day)?.value ?? null;
}

/** Area under a curve by trapezia, in value × days. */
export function areaUnder(curve: readonly CurvePoint[]): number {
  let area = 0;
  for (let i = 1; i < curve.length; i++) area += ((curve[i].value + curve[i - 1].value) / 2) * (curve[i].day - curve[i - 1].day);
  return area;
}
