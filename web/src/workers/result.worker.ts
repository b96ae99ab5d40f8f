import { expose } from 'comlink';
import { analyse, unpackColumns, type Columns, type Observation, type Result, type Study } from '@fern/core';

/** A study with its readings as columns, which cross to a worker without a pause. */
export type PackedStudy = Omit<Study, 'observations'> & { readonly observations: Columns };

/** The whole result of a study, away from the page; it is stopped by ending the worker. */
const worker = {
  analyse: ({ observations, ...study }: PackedStudy, today: string, onProgress: (share: number) => void): Result =>
    analyse({ ...study, observations: unpackColumns<Observation>(observations) }, { today, onProgress }),
};

export type ResultWorker = typeof worker;

expose(worker);
