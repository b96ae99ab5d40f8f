import { useLocalStorage, useNow } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, watch } from 'vue';
import { timersOf, roundsOfStudy, type Timer } from '@fern/core';
import { useDocument } from './document';
import { useExperiments } from './experiments';
import { useLog } from './log';
import { notifyTimer } from './timerNotification';
import { useSession } from './session';
import { today } from './today';
import { oneTabAtATime } from './pendingSync';

/** A timer with the experiment that it belongs to, as it stands this second. */
export interface RunningTimer extends Timer {
  readonly id: string;
  readonly title: string;
  readonly unitNoun: string;
  /** Whole seconds that are left; below 0 once it is over. */
  readonly left: number;
}

interface KnownTimers {
  readonly title: string;
  readonly unitNoun: string;
  readonly timers: readonly Timer[];
}

const RUNG = 'fern-rung';
const MOST_RUNG = 200;
const TWO_DAYS_MS = 2 * 86_400_000;

/** Rings for those of which no tab of this browser has rung: what was heard is read and written at once, past what this tab remembers. */
function ringOnce(timers: readonly RunningTimer[]): void {
  const rung = JSON.parse(localStorage.getItem(RUNG) ?? '[]') as string[];
  const fresh = timers.filter(({ key }) => !rung.includes(key));
  localStorage.setItem(RUNG, JSON.stringify([...rung, ...fresh.map(({ key }) => key)].slice(-MOST_RUNG)));
  for (const { label, title } of fresh) notifyTimer(`${label}: time is up`, title);
}

/**
 * What somebody waits for, in every experiment. The times themselves are in what was logged, so that a closed tab and a server that starts
 * again lose none; this browser remembers them for when there is no network.
 */
export const useTimers = defineStore('timers', () => {
  const session = useSession();
  const experiments = useExperiments();
  const documentStore = useDocument();
  const log = useLog();
  const now = useNow({ interval: 250 });
  const known = useLocalStorage<Record<string, Record<string, KnownTimers>>>('fern-timers', {});
  const account = computed(() => session.account?.id ?? '');

  function remember(own: Record<string, KnownTimers>): void {
    if (account.value !== '') known.value = { ...known.value, [account.value]: own };
  }
  watch(
    () => experiments.list,
    (list) => {
      if (!experiments.offline && experiments.loaded)
        remember(
          Object.fromEntries(
            list
              .filter(({ timers }) => timers.length > 0)
              .map(({ id, title, unitWord: unitNoun, timers }) => [id, { title, unitNoun, timers }]),
          ),
        );
    },
  );
  watch(
    () => log.study,
    (study) => {
      if (study === null || documentStore.id === '') return;
      const timers = timersOf(study.experiment, study.care, roundsOfStudy(study, today()));
      const { [documentStore.id]: _before, ...others } = known.value[account.value] ?? {};
      remember(
        timers.length > 0
          ? { ...others, [documentStore.id]: { title: study.experiment.title, unitNoun: study.experiment.plan.unitNoun, timers } }
          : others,
      );
    },
    { immediate: true },
  );

  /** The tick only says when to look again: what it carries can be a moment old. */
  const secondsTo = (ends: string) => (now.value, Math.ceil((Date.parse(ends) - Date.now()) / 1000));

  const all = computed<RunningTimer[]>(() =>
    Object.entries(known.value[account.value] ?? {})
      .flatMap(([id, { title, unitNoun, timers }]) =>
        timers.map((timer) => ({ ...timer, id, title, unitNoun, left: secondsTo(timer.ends) })),
      )
      // What should have been read long ago is a missed walk, not a timer.
      .filter(({ what, left }) => what === 'step' || (left > -TWO_DAYS_MS / 1000 && left < TWO_DAYS_MS / 1000))
      .sort((a, b) => a.left - b.left),
  );
  const over = computed(() => all.value.filter(({ left }) => left <= 0));

  const heard = new Set<string>();
  watch(
    over,
    (list) => {
      const fresh = list.filter(({ key }) => !heard.has(key));
      for (const { key } of fresh) heard.add(key);
      if (fresh.length > 0) void oneTabAtATime(() => ringOnce(fresh), 'rings');
    },
    { immediate: true },
  );

  return { all, over, first: computed(() => all.value[0] ?? null) };
});
