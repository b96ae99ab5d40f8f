import { parentPort, workerData } from 'node:worker_threads';
import { openReader } from '../openDatabase';
import { ProblemError } from '../ProblemError';
import { studyBytes, type Wanted } from './studyBytes';
import type { Handed } from './thread';

/** Reads what is large in a thread of its own, with a connection of its own. */
const reader = openReader((workerData as Handed<string>).data);
parentPort?.on('message', (asked: { readonly number: number; readonly wanted: Wanted }) => void answer(asked.number, asked.wanted));

async function answer(number: number, wanted: Wanted): Promise<void> {
  try {
    const bytes = await studyBytes(await reader, wanted);
    parentPort?.postMessage({ number, bytes }, [bytes.buffer as ArrayBuffer]);
  } catch (error) {
    const problem = error instanceof ProblemError ? error.problem : null;
    parentPort?.postMessage({ number, problem, error: String(error) });
  }
}
