import pLimit from 'p-limit';
import type { Problem } from '@fern/contract';
import type { Observation, Study } from '@fern/core';
import { ProblemError } from '../ProblemError';
import { startThread } from './thread';

const MOST_SECONDS = 60;
/** Each has a thread and its memory to itself. */
const atOnce = pLimit(1);

/** What the thread says: each study with its readings after it, and at last that this was all. */
type Said =
  | { readonly study: Omit<Study, 'observations'> }
  | { readonly observations: readonly Observation[] }
  | { readonly problem: Problem }
  | { readonly done: true };

/**
 * Reads an uploaded package, or a bundle of them, in a thread with limits on time and memory, so that others are answered meanwhile.
 * @throws {ProblemError} 422 where it cannot be read, or not within the limits
 */
export function unpackApart(bytes: Uint8Array): Promise<Study[]> {
  return atOnce(
    () =>
      new Promise((resolve, reject) => {
        const worker = startThread('unpack', bytes);
        const studies: (Study & { observations: Observation[] })[] = [];
        const tooMuch = () =>
          reject(new ProblemError(422, 'This package takes more time or memory than can be given. Nothing was stored.'));
        const timer = setTimeout(() => {
          tooMuch();
          void worker.terminate();
        }, MOST_SECONDS * 1000);
        worker.on('message', (said: Said) => {
          if ('study' in said) studies.push({ ...said.study, observations: [] });
          else if ('observations' in said) studies[studies.length - 1].observations.push(...said.observations);
          else if ('done' in said) resolve(studies);
          else reject(new ProblemError(said.problem.status, said.problem.detail, said.problem.errors));
        });
        worker.on('error', (error: NodeJS.ErrnoException) => (error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? tooMuch() : reject(error)));
        worker.on('exit', () => {
          clearTimeout(timer);
          tooMuch();
        });
      }),
  );
}
