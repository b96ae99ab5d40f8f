import { expose } from 'comlink';
import { analyse, type Result } from '@fern/core';
import { unpackStudy, type PackedStudy } from './packedStudy';

/** The whole result of a study, away from the page; it is stopped by ending the worker. */
const worker = {
  analyse: (study: PackedStudy, today: string, onProgress: (share: number) => void): Result =>
    analyse(unpackStudy(study), { today, onProgress }),
};

export type ResultWorker = typeof worker;

expose(worker);
