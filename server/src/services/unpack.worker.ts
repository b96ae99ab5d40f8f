import { parentPort, workerData } from 'node:worker_threads';
import { ProblemError } from '../ProblemError';
import { unpackStudy } from './packages';

/** Reads one package in a thread of its own and says what it holds, or what is wrong with it. */
try {
  parentPort?.postMessage({ study: unpackStudy(workerData as Uint8Array) });
} catch (error) {
  if (!(error instanceof ProblemError)) throw error;
  parentPort?.postMessage({ problem: error.problem });
}
