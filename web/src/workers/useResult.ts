import { proxy, wrap, type Remote } from 'comlink';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import type { Result, Study } from '@fern/core';
import type { Heavy } from './core.worker';

/** Results by the content that they were worked out from, so that going back to a page costs nothing. */
const cache = new Map<string, Result>();
const MOST_KEPT = 12;

/** The result of a study, worked out in a worker and worked out again when the study changes; `progress` runs from 0 to 1. */
export function useResult(study: Ref<Study | null>) {
  const result = shallowRef<Result | null>(null);
  const progress = ref(0);
  const working = ref(false);
  const failed = ref<string | null>(null);
  let worker: Worker | null = null;

  function stop(): void {
    worker?.terminate();
    worker = null;
    working.value = false;
  }

  async function work(input: Study): Promise<void> {
    stop();
    failed.value = null;
    const key = JSON.stringify(input);
    const known = cache.get(key);
    if (known) {
      result.value = known;
      return;
    }
    const own = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
    worker = own;
    working.value = true;
    progress.value = 0;
    const remote: Remote<Heavy> = wrap<Heavy>(own);
    try {
      const found = await remote.analyse(
        input,
        proxy((share: number) => (progress.value = share)),
      );
      if (worker !== own) return;
      if (cache.size >= MOST_KEPT) cache.delete(cache.keys().next().value ?? '');
      cache.set(key, found);
      result.value = found;
    } catch {
      failed.value = 'The result could not be worked out. Nothing is lost; reload the page to try again.';
    }
    if (worker === own) stop();
  }

  watch(study, (next) => next && void work(next), { immediate: true });
  onScopeDispose(stop);
  return { result, progress, working, failed, stop, again: () => study.value && void work(study.value) };
}
