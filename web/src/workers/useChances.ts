import { proxy, wrap } from 'comlink';
import { onScopeDispose, ref, shallowRef } from 'vue';
import { mostUnitsPerArm, type Chance, type Experiment } from '@fern/core';
import type { Heavy } from './core.worker';

const RUNS = 160;
const SEED = 20_260_401;
const TRIED = [2, 3, 4, 5, 6, 8, 10, 12, 16, 20, 24];

/** The chance of a clear answer against units an arm, worked out in a worker on this very design, point by point. */
export function useChances() {
  const points = shallowRef<readonly Chance[]>([]);
  /** Fewest units for 80 %; null where none would do, undefined while it is not known. */
  const enough = ref<number | null | undefined>(undefined);
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
    enough.value = undefined;
    progress.value = 0;
    working.value = true;
    const own = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
    worker = own;
    const remote = wrap<Heavy>(own);
    const most = mostUnitsPerArm(experiment.arms.length);
    const units = [planned, ...TRIED.filter((count) => count !== planned && count <= most)];
    const take = (chance: Chance, share: number) => {
      if (worker !== own) return;
      points.value = [...points.value, chance].sort((a, b) => a.units - b.units);
      progress.value = share * 0.7;
    };
    await remote.chances(experiment, units, SEED, RUNS, proxy(take));
    if (worker !== own) return;
    const found = await remote.unitsForChance(
      experiment,
      SEED,
      RUNS,
      proxy((share: number) => (progress.value = 0.7 + share * 0.3)),
    );
    if (worker !== own) return;
    enough.value = found.units;
    stop();
  }

  onScopeDispose(stop);
  return { points, enough, progress, working, work, stop };
}
