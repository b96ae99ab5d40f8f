import { expose } from 'comlink';
import { analyse, type Result, type Study } from '@fern/core';

/** The whole result of a study, away from the page; it is stopped by ending the worker. */
const worker = {
  analyse: (study: Study, onProgress: (share: number) => void): Result => analyse(study, { onProgress }),
};

export type ResultWorker = typeof worker;

expose(worker);
