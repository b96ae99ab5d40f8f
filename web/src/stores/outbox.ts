import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import type { Observation } from '@fern/core';
import { api, CallError } from './api';
import { useSession } from './session';
import { KEY, sameReading, storedReadings, storeReadings, type Waiting } from './waiting';

const AT_ONCE = 1000;
const AGAIN_MS = 5000;

/**
 * Readings on their way to the server. Each is kept in this browser first and leaves only when the server has acknowledged it,
 * so that a closed tab or a greenhouse with no signal loses nothing; its id makes a second sending harmless. What the server refuses is set
 * aside with its words, and the others go on.
 */
export const useOutbox = defineStore('outbox', () => {
  const session = useSession();
  const waiting = shallowRef<readonly Waiting[]>(storedReadings());
  const offline = ref(false);
  /** Why nothing can be sent just now, other than the network. */
  const stopped = ref<string | null>(null);
  /** Readings for which this browser has no room: they are on this page alone. */
  const unkept = shallowRef<readonly Waiting[]>([]);
  const own = computed(() => waiting.value.filter((item) => item.account === session.account?.id));
  const ready = computed(() => own.value.filter((item) => item.refused === undefined));
  let sending = false;
  const listeners: ((experiment: string, observations: readonly Observation[]) => void)[] = [];

  /** All that waits, with what other tabs have put there since. */
  function all(): readonly Waiting[] {
    const stored = storedReadings();
    return [...stored, ...unkept.value.filter((item) => !stored.some((other) => sameReading(item, other)))];
  }

  function change(edit: (readings: readonly Waiting[]) => readonly Waiting[]): void {
    const next = edit(all());
    const kept = storeReadings(next) ? next : storedReadings();
    unkept.value = next.filter((item) => !kept.some((other) => sameReading(item, other)));
    waiting.value = next;
  }

  async function send(): Promise<void> {
    if (sending) return;
    sending = true;
    try {
      while (ready.value.length > 0) {
        const { experiment } = ready.value[0];
        const batch = ready.value.filter((item) => item.experiment === experiment).slice(0, AT_ONCE);
        if (!(await sendBatch(experiment, batch))) break;
      }
    } finally {
      sending = false;
    }
  }

  /** Whether to go on: each reading of the batch was acknowledged or set aside. */
  async function sendBatch(experiment: string, batch: readonly Waiting[]): Promise<boolean> {
    const observations = batch.map((item) => item.observation);
    try {
      await api.post(`/experiments/${experiment}/observations`, { observations });
    } catch (error) {
      if (!(error instanceof CallError)) throw error;
      return refuse(error, batch);
    }
    offline.value = false;
    stopped.value = null;
    // First to where what is stored is shown, so that a reading is never missing between the two.
    for (const tell of listeners) tell(experiment, observations);
    change((readings) => readings.filter((item) => !batch.some((other) => sameReading(item, other))));
    return true;
  }

  function refuse(error: CallError, batch: readonly Waiting[]): boolean {
    offline.value = error.offline;
    stopped.value = error.status === 401 ? 'You are signed out. Sign in again, then what waits here is sent.' : null;
    if (error.offline || error.status === 429 || error.status >= 500) setTimeout(() => void send(), AGAIN_MS);
    if (error.offline || error.status === 401 || error.status === 429 || error.status >= 500) return false;
    const words = new Map<Waiting, string>();
    for (const { pointer, detail } of error.errors) {
      const item = batch[Number(/^\/observations\/(\d+)(\/|$)/.exec(pointer)?.[1] ?? NaN)];
      if (item && !words.has(item)) words.set(item, detail);
    }
    if (words.size === 0) for (const item of batch) words.set(item, error.message);
    const aside = [...words].map(([item, refused]) => ({ ...item, refused }));
    change((readings) => readings.map((item) => aside.find((other) => sameReading(item, other)) ?? item));
    return true;
  }

  function add(experiment: string, observation: Observation): void {
    change((readings) => [...readings, { account: session.account?.id ?? '', experiment, observation }]);
    void send();
  }

  window.addEventListener('online', () => void send());
  window.addEventListener('storage', ({ key }) => {
    if (key === KEY) waiting.value = all();
  });
  watch(
    () => session.account?.id,
    () => void send(),
    { immediate: true },
  );

  return {
    offline: computed(() => offline.value),
    stopped: computed(() => stopped.value),
    /** Readings that wait to be sent. */
    count: computed(() => ready.value.length),
    /** Of them, how many this browser has no room to keep. */
    unkept: computed(() => unkept.value.length),
    aside: computed(() => own.value.filter((item) => item.refused !== undefined)),
    of: (experiment: string) => ready.value.filter((item) => item.experiment === experiment).map((item) => item.observation),
    /** Calls back with each batch that the server has acknowledged. */
    whenSent: (tell: (experiment: string, observations: readonly Observation[]) => void) => void listeners.push(tell),
    add,
    drop: (gone: Waiting) => change((readings) => readings.filter((item) => !sameReading(item, gone))),
    send,
  };
});
