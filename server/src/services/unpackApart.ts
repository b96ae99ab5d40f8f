import { Worker } from 'node:worker_threads';
import pLimit from 'p-limit';
import type { Problem } from '@fern/contract';
import type { Study } from '@fern/core';
import { ProblemError } from '../ProblemError';

const MOST_SECONDS = 60;
const MOST_MEGABYTES = 1024;
/** Each has a thread and its memory to itself. */
const atOnce = pLimit(1);

// Built, it stands beside the server.
const file = new URL(import.meta.url.endsWith('.ts') ? './unpack.source.mjs' : './unpack.js', import.meta.url);

/**
 * Reads an uploaded package, or a bundle of them, in a thread with limits on time and memory, so that others are answered meanwhile.
 * @throws {ProblemError} 422 where it cannot be read, or not within the limits
 */
export function unpackApart(bytes: Uint8Array): Promise<Study[]> {
  return atOnce(
    () =>
      new Promise((resolve, reject) => {
        const worker = new Worker(file, { workerData: bytes, resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES } });
        const tooMuch = () =>
          reject(new ProblemError(422, 'This package takes more time or memory than can be given. Nothing was stored.'));
        const timer = setTimeout(() => {
          tooMuch();
          void worker.terminate();
        }, MOST_SECONDS * 1000);
        worker.on('message', (said: { readonly studies: Study[] } | { readonly problem: Problem }) => {
          if ('studies' in said) resolve(said.studies);
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
