import { anySprouting, blankOf, experimentFrom, observationFields, type Experiment, type Study } from '@fern/core';

const draft = experimentFrom(anySprouting, { created: '2026-01-01', startOn: '2026-01-01', seed: 1 });

/** A started test of 60 dishes with this many readings. */
export function manyReadings(readings: number): Study {
  const units = Array.from({ length: 60 }, (_, i) => ({ ...draft.units[0], code: `D${i}`, arm: draft.arms[i % 2].code }));
  const experiment: Experiment = { ...draft, units, startedOn: '2026-01-01', plan: { ...draft.plan, lockedOn: '2026-01-01' } };
  const observations = Array.from({ length: readings }, (_, i) => ({
    ...{ ...blankOf(observationFields), id: `r${i}`, unit: `D${i % 60}`, measure: 'sprouts', observedOn: '2026-01-04', value: i % 25 },
    plant: String(Math.floor(i / 60)),
  }));
  return { experiment, observations, incidents: [], care: [], photos: [] };
}
