import { parentPort, workerData } from 'node:worker_threads';
import { ProblemError } from '../ProblemError';
import { unpackStudies } from './packages';

/** Reads what was uploaded in a thread of its own and says what it holds, or what is wrong with it. */
try {
  parentPort?.postMessage({ studies: unpackStudies(workerData as Uint8Array) });
} catch (error) {
  if (!(error instanceof ProblemError)) throw error;
  parentPort?.postMessage({ problem: error.problem });
}
