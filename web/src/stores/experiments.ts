import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { ExperimentLine, ExperimentRecord, ImportRecord } from '@fern/contract';
import {
  addDays,
  roundState,
  stepMinutes,
  roundMinutes,
  type Experiment,
  type Measure,
  type Plan,
  type RoundState,
  itemAt,
} from '@fern/core';
import { api, CallError, wordsFor } from './api';
import { cacheAnswer, cachedAnswer } from './offlineCache';
import { useIdempotencyKeys } from './idempotencyKeys';
import { fetchStudy, keptStudy } from './studies';
import { useSession } from './session';
import { today } from './today';

/** A walk or a step of one of the experiments that is not done. */
export interface DueTask {
  readonly id: string;
  readonly title: string;
  readonly unitNoun: string;
  readonly place: Plan['place'];
  readonly day: number;
  readonly on: string;
  /** Time of day; empty where the plan says none. */
  readonly at: string;
  readonly state: RoundState;
  readonly left: number;
  /** About how long it takes. */
  readonly minutes: number;
  /** What is read; empty for a step. */
  readonly measures: readonly Pick<Measure, 'name' | 'kind'>[];
  /** What is done; null for a walk. */
  readonly step: string | null;
}

/** Experiments with a walk on these days are kept whole, so that they can be walked without a network. */
const KEPT_DAYS_AHEAD = 2;
const MOST_KEPT = 10;
const KEPT_FOR_MS = 6 * 3_600_000;

/** All experiments of the account, for Today. The last list stays in this browser for when there is no network. */
export const useExperiments = defineStore('experiments', () => {
  const session = useSession();
  const list = shallowRef<readonly ExperimentLine[]>([]);
  const loaded = ref(false);
  const error = ref<string | null>(null);
  const offline = ref(false);

  async function load(): Promise<void> {
    error.value = null;
    const account = session.account?.id ?? '';
    try {
      list.value = await api.get<ExperimentLine[]>('/experiments');
      offline.value = false;
      void cacheAnswer(account, '/experiments', list.value).then(() => keepSoonDue(account));
    } catch (problem) {
      offline.value = problem instanceof CallError && problem.offline;
      const before = offline.value ? await cachedAnswer(account, '/experiments') : null;
      if (before !== null) list.value = before.answer as ExperimentLine[];
      else error.value = wordsFor(problem);
    }
    loaded.value = true;
  }

  /** Fetches what will be walked soon and is not kept here yet, one after another. */
  async function keepSoonDue(account: string): Promise<void> {
    const last = addDays(today(), KEPT_DAYS_AHEAD);
    const soon = new Set(all.value.filter(({ on }) => on <= last).map(({ id }) => id));
    for (const id of [...soon].slice(0, MOST_KEPT)) {
      const before = await keptStudy(account, id);
      if (before !== null && Date.now() - before.at < KEPT_FOR_MS) continue;
      if (!(await fetchStudy(account, id).catch(() => null))) return;
    }
  }

  const keys = useIdempotencyKeys();
  async function make<Made extends ExperimentRecord>(content: string, path: string, body: unknown): Promise<Made> {
    const made = await api.post<Made>(path, body, { key: keys.keyFor(content) });
    keys.stored(content);
    return made;
  }

  const all = computed<DueTask[]>(() => list.value.flatMap((line) => tasksOf(line)));
  const inState = (state: RoundState, order: (a: DueTask, b: DueTask) => number) =>
    computed(() => all.value.filter((task) => task.state === state).sort((a, b) => order(a, b) || byDay(a, b)));

  return {
    list,
    loaded,
    error,
    offline,
    due: inState('due', alongTheRoom),
    missed: inState('missed', byDay),
    coming: inState('coming', byDay),
    load,
    create: (experiment: Experiment) => make<ExperimentRecord>(JSON.stringify(experiment), '/experiments', experiment),
    importPackage: (file: File) => make<ImportRecord>(`${file.name} ${file.size} ${file.lastModified}`, '/packages', file),
    remove: async (id: string) => {
      await api.delete(`/experiments/${id}`);
      await load();
    },
  };
});

const places: readonly Plan['place'][] = ['bench', 'sill', 'water culture', 'refrigerator', 'bed', 'ground'];
const byDay = (a: DueTask, b: DueTask) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0);
/** Indoors first, then outdoors; all of one experiment together, its steps before its readings. */
const alongTheRoom = (a: DueTask, b: DueTask) =>
  places.indexOf(a.place) - places.indexOf(b.place) || a.title.localeCompare(b.title) || Number(a.step === null) - Number(b.step === null);

function tasksOf({ id, title, unitWord: unitNoun, place, startedOn, measures, walks: rounds, steps }: ExperimentLine): DueTask[] {
  if (startedOn === null) return [];
  const task = (day: number, left: number) => {
    const on = addDays(startedOn, Math.floor(day));
    return { id, title, unitNoun, place, day, on, left, state: roundState(left, on, today()) };
  };
  return [
    ...rounds.map(({ day, left, measures: read }) => {
      const own = read.map((i) => itemAt(measures, i));
      return { ...task(day, left), measures: own, step: null, minutes: roundMinutes({ measures: own, left }), at: '' };
    }),
    ...steps.map(({ name, day, at, left }) => ({ ...task(day, left), at, measures: [], step: name, minutes: stepMinutes(left) })),
  ];
}
