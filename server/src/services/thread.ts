import { Worker } from 'node:worker_threads';

const MOST_MEGABYTES = 1024;

/**
 * A thread of its own for what would hold up everyone else.
 * @param work which of the `.worker` files here it runs: as built, or in tests from the sources
 * @param data handed to it
 */
export function startThread(work: 'read' | 'unpack', data: unknown): Worker {
  const fromSources = import.meta.url.endsWith('.ts');
  return new Worker(new URL(fromSources ? './thread.source.mjs' : `./${work}.js`, import.meta.url), {
    workerData: { work, data },
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES },
  });
}

/** What a thread was handed. */
export interface Handed<Data> {
  readonly data: Data;
}
