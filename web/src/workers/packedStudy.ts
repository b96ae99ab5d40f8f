import { packColumns, unpackColumns, type Columns, type Observation, type Study } from '@fern/core';

/** A study for a worker: its readings as columns, which cross without a pause, and without photos, on which no number rests. */
export type PackedStudy = Omit<Study, 'observations' | 'photos'> & { readonly observations: Columns };

export function packStudy({ experiment, observations, incidents, care }: Study): PackedStudy {
  return { experiment, incidents, care, observations: packColumns(observations) };
}

export function unpackStudy({ observations, ...study }: PackedStudy): Study {
  return { ...study, observations: unpackColumns<Observation>(observations), photos: [] };
}
