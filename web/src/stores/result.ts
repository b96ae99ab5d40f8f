import { proxy, wrap } from 'comlink';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import type { Experiment, Result, Study } from '@fern/core';
import { pause } from './pause';
import { today } from './today';
import { packStudy } from '../workers/packedStudy';
import type { ResultWorker } from '../workers/result.worker';

/** What a result depends on. The writer's words are no part of it: typing in the report works nothing out. */
function partsOf({ experiment, observations, incidents, care }: Study): readonly unknown[] {
  const { writing: _writing, ...rest }: Experiment = experiment;
  return [...Object.values(rest), observations, incidents, care];
}

interface Known {
  readonly parts: readonly unknown[];
  readonly result: Result;
}

const alike = (a: readonly unknown[], b: readonly unknown[]) => a.length === b.length && a.every((part, i) => part === b[i]);

/** The result of the open study, worked out in a worker once, for every page that shows it. */
export const useResult = defineStore('result', () => {
  const result = shallowRef<Result | null>(null);
  const progress = ref(0);
  const working = ref(false);
  const failed = ref<string | null>(null);
  let known: Known | null = null;
  let wanted: readonly unknown[] = [];
  let worker: Worker | null = null;

  function stop(): void {
    worker?.terminate();
    worker = null;
    working.value = false;
    wanted = [];
  }

  /** Asks for the result of a study; what is known or under way is not begun again. */
  async function want(study: Study): Promise<void> {
    const parts = [...partsOf(study), today()];
    if (known && alike(known.parts, parts)) {
      result.value = known.result;
      return stop();
    }
    if (working.value && alike(wanted, parts)) return;
    stop();
    wanted = parts;
    failed.value = null;
    working.value = true;
    progress.value = 0;
    await pause();
    if (wanted !== parts) return;
    const own = new Worker(new URL('../workers/result.worker.ts', import.meta.url), { type: 'module' });
    worker = own;
    const broken = new Promise<never>((_, reject) => own.addEventListener('error', () => reject(new Error('the worker failed'))));
    try {
      const took = proxy((share: number) => {
        if (worker === own) progress.value = share;
      });
      const found = await Promise.race([wrap<ResultWorker>(own).analyse(packStudy(study), today(), took), broken]);
      if (worker !== own) return;
      known = { parts, result: found };
      result.value = found;
    } catch {
      if (worker === own) failed.value = 'The result could not be worked out. Nothing is lost; reload the page to try again.';
    }
    if (worker === own) stop();
  }

  return { result, progress, working, failed, want, stop };
});
