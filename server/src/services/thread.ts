import { Worker } from 'node:worker_threads';

const MOST_MEGABYTES = 1024;

/** Where the built threads are, for tests, which run from the sources. */
const { FERN_BUILT } = process.env;
const fromSources = import.meta.url.endsWith('.ts') && FERN_BUILT === undefined;

/**
 * A thread of its own for what would hold up everyone else.
 * @param work which of the `.worker` files here it runs: as built, or while developing from the sources
 * @param data handed to it
 */
export function startThread(work: 'read' | 'unpack', data: unknown): Worker {
  const file = fromSources ? './thread.source.mjs' : `./${work}.js`;
  return new Worker(new URL(file, FERN_BUILT ?? import.meta.url), {
    workerData: { work, data },
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES },
  });
}

/** What a thread was handed. */
export interface Handed<Data> {
  readonly data: Data;
}
