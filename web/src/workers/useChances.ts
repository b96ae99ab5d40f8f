import { proxy, wrap } from 'comlink';
import { onScopeDispose, ref, shallowRef } from 'vue';
import { mostUnitsPerArm, type Chance, type Experiment } from '@fern/core';
import type { PowerWorker } from './power.worker';

const TRIED = [2, 3, 4, 5, 6, 8, 10, 12, 16, 20, 24];

/** The chance of a clear answer against units an arm, worked out in a worker on this very design, point by point. */
export function useChances() {
  const points = shallowRef<readonly Chance[]>([]);
  /** Fewest replicates an arm for 80%; null while it is not known. */
  const enough = shallowRef<number | null>(null);
  const failed = ref(false);
  const progress = ref(0);
  const working = ref(false);
  let worker: Worker | null = null;

  function stop(): void {
    worker?.terminate();
    worker = null;
    working.value = false;
  }

  async function work(experiment: Experiment, planned: number): Promise<void> {
    stop();
    points.value = [];
    enough.value = null;
    progress.value = 0;
    failed.value = false;
    working.value = true;
    const own = new Worker(new URL('./power.worker.ts', import.meta.url), { type: 'module' });
    worker = own;
    const remote = wrap<PowerWorker>(own);
    const most = mostUnitsPerArm(experiment.arms.length);
    const units = [planned, ...TRIED.filter((count) => count !== planned && count <= most)];
    const take = (chance: Chance, share: number) => {
      if (worker !== own) return;
      points.value = [...points.value, chance].sort((a, b) => a.units - b.units);
      progress.value = share * 0.8;
    };
    const broken = new Promise<never>((_, reject) => own.addEventListener('error', () => reject(new Error('the worker failed'))));
    const simulate = async (): Promise<void> => {
      await remote.chances(experiment, units, proxy(take));
      const found = await remote.unitsFor(experiment);
      if (worker === own) enough.value = found;
    };
    try {
      await Promise.race([simulate(), broken]);
    } catch {
      if (worker === own) failed.value = true;
    }
    if (worker === own) stop();
  }

  onScopeDispose(stop);
  return { points, enough, progress, working, failed, work, stop };
}
