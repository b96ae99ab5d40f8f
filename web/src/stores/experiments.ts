import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { ExperimentProgress, ExperimentRecord } from '@fern/contract';
import { walks, type Experiment, type Walk } from '@fern/core';
import { api, CallError, wordsFor } from './api';
import { useKeys } from './keys';
import { today } from './today';

export interface DueWalk {
  readonly id: string;
  readonly experiment: Experiment;
  readonly walk: Walk;
}

const KEPT = 'fern-test.experiments';

/** All experiments of the account, for Today. The last list stays in this browser for when there is no network. */
export const useExperiments = defineStore('experiments', () => {
  const list = shallowRef<readonly ExperimentProgress[]>([]);
  const loaded = ref(false);
  const error = ref<string | null>(null);
  const offline = ref(false);

  async function load(): Promise<void> {
    error.value = null;
    try {
      list.value = await api.get<ExperimentProgress[]>('/experiments');
      offline.value = false;
      localStorage.setItem(KEPT, JSON.stringify(list.value));
    } catch (problem) {
      offline.value = problem instanceof CallError && problem.offline;
      const kept = localStorage.getItem(KEPT);
      if (offline.value && kept !== null) list.value = JSON.parse(kept) as ExperimentProgress[];
      else error.value = wordsFor(problem);
    }
    loaded.value = true;
  }

  const keys = useKeys();
  async function make(content: string, path: string, body: unknown): Promise<ExperimentRecord> {
    const made = await api.post<ExperimentRecord>(path, body, { key: keys.keyFor(content) });
    keys.stored(content);
    return made;
  }

  const all = computed<DueWalk[]>(() =>
    list.value.flatMap(({ id, experiment, read }) => walks(experiment, read, today()).map((walk) => ({ id, experiment, walk }))),
  );
  const inState = (state: Walk['state']) =>
    computed(() => all.value.filter(({ walk }) => walk.state === state).sort((a, b) => (a.walk.on < b.walk.on ? -1 : 1)));

  return {
    list,
    loaded,
    error,
    offline,
    due: inState('due'),
    missed: inState('missed'),
    coming: inState('coming'),
    load,
    create: (experiment: Experiment) => make(JSON.stringify(experiment), '/experiments', experiment),
    importPackage: (file: File) => make(`${file.name} ${file.size} ${file.lastModified}`, '/packages', file),
    remove: async (id: string) => {
      await api.delete(`/experiments/${id}`);
      await load();
    },
  };
});
