import type { Observation } from '@fern/core';
import type { ObservationRow } from '../models/index';

/** A reading without what only the database knows. */
export function asObservation(row: ObservationRow): Observation {
  const { id, unit, plant, measure, observedOn, value, category, observer, blinded, source, note, replaces } = row;
  return { id, unit, plant, measure, observedOn, value, category, observer, blinded, source, note, replaces };
}
