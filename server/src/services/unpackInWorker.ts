import { lastOf } from '@fern/core';
import pLimit from 'p-limit';
import type { FieldError, ProblemDetails } from '@fern/contract';
import type { Observation, Study } from '@fern/core';
import { ProblemError } from '../ProblemError';
import type { Arriving } from './create';
import type { StoredPicture } from './makePicture';
import { startThread } from './thread';

const MOST_SECONDS = 60;
/** Each has a thread and its memory to itself. */
const atOnce = pLimit(1);

/** What the thread says: each study with its readings and its pictures after it, and at last that this was all. */
type Said =
  | { readonly study: Omit<Study, 'observations'>; readonly asked: readonly FieldError[] }
  | { readonly observations: readonly Observation[] }
  | { readonly file: string; readonly picture: StoredPicture }
  | { readonly problem: ProblemDetails }
  | { readonly done: true };

/**
 * Reads an uploaded package, or a bundle of them, in a thread with limits on time and memory, so that others are answered meanwhile.
 * @throws {ProblemError} 422 where it cannot be read, or not within the limits
 */
export function unpackInWorker(bytes: Uint8Array): Promise<Arriving[]> {
  return atOnce(
    () =>
      new Promise((resolve, reject) => {
        const worker = startThread('unpack', bytes);
        const arriving: {
          study: Study & { observations: Observation[] };
          pictures: Map<string, StoredPicture>;
          asked: readonly FieldError[];
        }[] = [];
        const tooMuch = () =>
          reject(new ProblemError(422, 'This package takes more time or memory than can be given. Nothing was stored.'));
        const timer = setTimeout(() => {
          tooMuch();
          void worker.terminate();
        }, MOST_SECONDS * 1000);
        worker.on('message', (said: Said) => {
          if ('study' in said) arriving.push({ study: { ...said.study, observations: [] }, pictures: new Map(), asked: said.asked });
          else if ('observations' in said) lastOf(arriving).study.observations.push(...said.observations);
          else if ('picture' in said) lastOf(arriving).pictures.set(said.file, said.picture);
          else if ('done' in said) resolve(arriving);
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
