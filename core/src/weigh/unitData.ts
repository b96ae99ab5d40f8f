import type { Measure, Observation, Study, Unit } from '../model';
import { liveObservations } from './liveObservations';
import { remembered } from './remembered';
import { startOf, unitCurve, type CurvePoint } from './unitCurve';

/** A unit with its curve of one measure. */
export interface UnitData {
  readonly unit: Unit;
  readonly curve: readonly CurvePoint[];
}

/** Live observations by measure and unit, so that each is looked through once. */
export type ObservationIndex = ReadonlyMap<string, ReadonlyMap<string, readonly Observation[]>>;

export const indexObservations = remembered((observations: readonly Observation[]): ObservationIndex => {
  const index = new Map<string, Map<string, Observation[]>>();
  for (const seen of liveObservations(observations)) {
    let units = index.get(seen.measure);
    if (!units) index.set(seen.measure, (units = new Map()));
    const list = units.get(seen.unit);
    if (list) list.push(seen);
    else units.set(seen.unit, [seen]);
  }
  return index;
});

/** Every unit's curve of a measure, in the order of the units. */
export function unitData(study: Study, measure: Measure, index: ObservationIndex = indexObservations(study.observations)): UnitData[] {
  const byUnit = index.get(measure.measure);
  return study.experiment.units.map((unit) => ({
    unit,
    curve: unitCurve(measure, byUnit?.get(unit.unit) ?? [], startOf(unit, study.experiment)),
  }));
}
