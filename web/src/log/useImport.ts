import { wrap } from 'comlink';
import { onScopeDispose, ref, shallowRef } from 'vue';
import type { ColumnUse, Importable, ImportProblem } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';
import { today } from '../stores/today';
import { packStudy } from '../workers/packedStudy';
import type { ImportWorker } from '../workers/import.worker';

const MOST_BYTES = 20 * 1024 * 1024;

/** A table from elsewhere, as it was opened. */
interface Opened {
  readonly name: string;
  readonly head: readonly string[];
  readonly count: number;
  readonly first: readonly (readonly string[])[];
}

function begun() {
  const worker = new Worker(new URL('../workers/import.worker.ts', import.meta.url), { type: 'module' });
  return { worker, remote: wrap<ImportWorker>(worker) };
}

/** Reads a table from a file in a worker, shows what it is, and takes all of its readings or none. */
export function useImport() {
  const { id, study } = useLoaded();
  const outbox = useOutbox();
  const session = useSession();
  const opened = shallowRef<Opened | null>(null);
  // Plain, since it goes to a worker.
  const uses = shallowRef<readonly ColumnUse[]>([]);
  const busy = ref<string | null>(null);
  const wrong = ref<string | null>(null);
  const problems = shallowRef<readonly ImportProblem[]>([]);
  const ready = shallowRef<Importable | null>(null);
  // One proxy for as long as the worker runs: it stops listening when its proxy is swept away.
  let running: ReturnType<typeof begun> | null = null;

  function stop(): void {
    running?.worker.terminate();
    running = null;
    busy.value = null;
  }
  function clear(): void {
    stop();
    opened.value = null;
    ready.value = null;
    problems.value = [];
    wrong.value = null;
  }

  const packed = () => packStudy(study.value);

  /** Does work in the worker; null where it was stopped or failed, which is then said. */
  async function away<T>(words: string, work: (remote: ReturnType<typeof wrap<ImportWorker>>) => Promise<T>): Promise<T | null> {
    running ??= begun();
    const { worker: own, remote } = running;
    busy.value = words;
    wrong.value = null;
    const broken = new Promise<never>((_, reject) => own.addEventListener('error', () => reject(new Error('The file could not be read.'))));
    try {
      const found = await Promise.race([work(remote), broken]);
      return running?.worker === own ? found : null;
    } catch (error) {
      if (running?.worker === own) wrong.value = error instanceof Error ? error.message : 'The file could not be read.';
      return null;
    } finally {
      if (running?.worker === own) busy.value = null;
    }
  }

  async function open(file: File, measure: string): Promise<void> {
    clear();
    if (file.size > MOST_BYTES) return void (wrong.value = `${file.name} is larger than 20 MB. Take the sheet with the readings alone.`);
    const bytes = new Uint8Array(await file.arrayBuffer());
    const found = await away(`Reading ${file.name} …`, (remote) => remote.open(file.name, bytes, packed(), measure));
    if (found === null) return;
    if (found.head.length === 0) return void (wrong.value = `${file.name} is empty.`);
    opened.value = { name: file.name, ...found };
    uses.value = found.uses;
    await check(measure, false);
  }

  async function check(measure: string, overwrite: boolean): Promise<void> {
    ready.value = null;
    problems.value = [];
    const wanted = { uses: uses.value, measure, today: today(), overwrite, observer: session.account?.name ?? null };
    const found = await away('Checking every cell …', async (remote) => await remote.read(packed(), wanted));
    if (found === null) return;
    if ('problems' in found) problems.value = found.problems;
    else ready.value = found;
  }

  /** All of them are on their way then: kept in this browser first, and sent as fast as the server takes them. */
  function take(): number {
    const readings = ready.value?.readings ?? [];
    void outbox.addAll(
      id.value,
      readings.map((content) => ({ kind: 'reading', content })),
    );
    clear();
    return readings.length;
  }

  onScopeDispose(stop);
  return { opened, uses, busy, wrong, problems, ready, open, check, take, clear };
}
