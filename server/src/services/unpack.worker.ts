import { parentPort, workerData } from 'node:worker_threads';
import { photoPath } from '@fern/core';
import { ProblemError } from '../ProblemError';
import { makePicture, type StoredPicture } from './makePicture';
import { unzipStudies } from './packages';
import type { Handed } from './thread';

/** So many readings come over at a time: to take in all at once would hold up those who wait. */
const AT_A_TIME = 2000;

/** Reads what was uploaded in a thread of its own and says what it holds, or what is wrong with it. */
try {
  const studies = unzipStudies((workerData as Handed<Uint8Array>).data);
  for (const { study: whole, pictures, asked } of studies) {
    const { observations, ...study } = whole;
    parentPort?.postMessage({ study, asked });
    for (let from = 0; from < observations.length; from += AT_A_TIME)
      parentPort?.postMessage({ observations: observations.slice(from, from + AT_A_TIME) });
    for (const [file, bytes] of pictures) parentPort?.postMessage({ file, picture: await pictureOf(file, bytes) });
  }
  parentPort?.postMessage({ done: true });
} catch (error) {
  if (!(error instanceof ProblemError)) throw error;
  parentPort?.postMessage({ problem: error.problem });
}

/** What is no photo is named by its place in the package. */
async function pictureOf(file: string, bytes: Uint8Array): Promise<StoredPicture> {
  try {
    return await makePicture(bytes);
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error;
    const { status, detail } = error.problem;
    throw new ProblemError(status, `The package cannot be read: ${photoPath(file)}: ${detail}`, [
      { pointer: `/${photoPath(file)}`, detail },
    ]);
  }
}
