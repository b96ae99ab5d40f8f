import { parentPort, workerData } from 'node:worker_threads';
import { ProblemError } from '../ProblemError';
import { unpackStudies } from './packages';
import type { Handed } from './thread';

/** So many readings come over at a time: to take in all at once would hold up those who wait. */
const AT_A_TIME = 2000;

/** Reads what was uploaded in a thread of its own and says what it holds, or what is wrong with it. */
try {
  const studies = unpackStudies((workerData as Handed<Uint8Array>).data);
  for (const { observations, ...study } of studies) {
    parentPort?.postMessage({ study });
    for (let from = 0; from < observations.length; from += AT_A_TIME)
      parentPort?.postMessage({ observations: observations.slice(from, from + AT_A_TIME) });
  }
  parentPort?.postMessage({ done: true });
} catch (error) {
  if (!(error instanceof ProblemError)) throw error;
  parentPort?.postMessage({ problem: error.problem });
}
