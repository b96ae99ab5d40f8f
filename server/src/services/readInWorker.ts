import type { Worker } from 'node:worker_threads';
import type { ProblemDetails } from '@fern/contract';
import type { Database } from '../openDatabase';
import { ProblemError } from '../ProblemError';
import { studyBytes, type Wanted } from './studyBytes';
import { startThread } from './thread';

/** More readings than this, or a photo, go through the thread: to read and write them out takes long enough for others to notice. */
const MANY = 5000;
/** After so long without work the thread ends, and its memory is free. */
const IDLE_MS = 30_000;

interface Asked {
  readonly resolve: (bytes: Uint8Array) => void;
  readonly reject: (error: Error) => void;
}

type Said = { readonly number: number } & (
  { readonly bytes: Uint8Array } | { readonly problem: ProblemDetails | null; readonly error: string }
);

/**
 * Reads studies to be sent as they are. Large ones are read in a thread, so that whoever saves a reading meanwhile is answered.
 * @returns the bytes of what is wanted; rejects as the service would
 */
export function readInWorker(database: Database): (wanted: Wanted) => Promise<Buffer> {
  const ask = askThread(() => startThread('read', database.file));
  return async (wanted) => Buffer.from(await ((await isLarge(database, wanted)) ? ask(wanted) : studyBytes(database, wanted)));
}

async function isLarge({ statements }: Database, wanted: Wanted): Promise<boolean> {
  const [of, value] =
    'id' in wanted ? ['experimentId = ?', wanted.id] : ['experimentId IN (SELECT id FROM experiments WHERE ownerId = ?)', wanted.ownerId];
  const beyond = await statements.all(`SELECT 1 FROM observations WHERE ${of} LIMIT 1 OFFSET ${MANY}`, [value]);
  if (beyond.length > 0 || wanted.what === 'study' || wanted.what === 'columns') return beyond.length > 0;
  return (await statements.all(`SELECT 1 FROM pictures WHERE ${of} LIMIT 1`, [value])).length > 0;
}

/**
 * A thread that starts with the first question and ends when none has come for a while.
 * @param start of the thread
 * @param idleMs how long it waits for another question
 */
export function askThread(start: () => Worker, idleMs = IDLE_MS): (wanted: Wanted) => Promise<Uint8Array> {
  const open = new Map<number, Asked>();
  let thread: Worker | null = null;
  let count = 0;
  let idle: ReturnType<typeof setTimeout> | undefined;

  function end(error: Error): void {
    clearTimeout(idle);
    thread = null;
    for (const { reject } of open.values()) reject(error);
    open.clear();
  }

  /** Whoever asks from now on gets another thread: this one takes a moment to end. */
  function rest(worker: Worker): void {
    thread = null;
    void worker.terminate();
  }

  function started(): Worker {
    const worker = start();
    worker.unref();
    worker.on('message', (said: Said) => {
      const asked = open.get(said.number);
      open.delete(said.number);
      if ('bytes' in said) asked?.resolve(said.bytes);
      else
        asked?.reject(
          said.problem ? new ProblemError(said.problem.status, said.problem.detail, said.problem.errors) : new Error(said.error),
        );
      if (open.size === 0) idle = setTimeout(() => rest(worker), idleMs).unref();
    });
    worker.on('error', (error) => worker === thread && end(error));
    worker.on('exit', () => worker === thread && end(new Error('the reading thread ended')));
    return worker;
  }

  return (wanted) =>
    new Promise((resolve, reject) => {
      clearTimeout(idle);
      thread ??= started();
      const number = count++;
      open.set(number, { resolve, reject });
      thread.postMessage({ number, wanted });
    });
}
