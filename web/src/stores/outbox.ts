import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import type { Observation } from '@fern/core';
import { api, CallError } from './api';
import { useSession } from './session';

interface Waiting {
  /** Whose it is: only this account may send it. */
  readonly account: string;
  readonly experiment: string;
  readonly observation: Observation;
}

const KEY = 'fern-test.outbox';
const AT_ONCE = 1000;
const AGAIN_MS = 5000;

function load(): Waiting[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Waiting[];
  } catch {
    return [];
  }
}

/**
 * Readings on their way to the server. Each is kept in this browser first and leaves only when the server has acknowledged it,
 * so that a closed tab or a greenhouse with no signal loses nothing; its id makes a second sending harmless.
 */
export const useOutbox = defineStore('outbox', () => {
  const waiting = shallowRef<readonly Waiting[]>(load());
  const offline = ref(false);
  /** What the server refused, with its words; it stays here until the person has seen it. */
  const refused = ref<string | null>(null);
  const session = useSession();
  const own = computed(() => waiting.value.filter((item) => item.account === session.account?.id));
  let sending = false;
  const listeners: ((experiment: string, observations: readonly Observation[]) => void)[] = [];

  function keep(): void {
    localStorage.setItem(KEY, JSON.stringify(waiting.value));
  }

  async function send(): Promise<void> {
    if (sending) return;
    sending = true;
    try {
      while (own.value.length > 0) {
        const { experiment } = own.value[0];
        const batch = own.value.filter((item) => item.experiment === experiment).slice(0, AT_ONCE);
        await api.post(`/experiments/${experiment}/observations`, { observations: batch.map((item) => item.observation) });
        offline.value = false;
        // First to where what is stored is shown, so that a reading is never missing between the two.
        for (const tell of listeners)
          tell(
            experiment,
            batch.map((item) => item.observation),
          );
        waiting.value = waiting.value.filter((item) => !batch.includes(item));
        keep();
      }
    } catch (error) {
      if (!(error instanceof CallError)) throw error;
      offline.value = error.offline;
      if (!error.offline) refused.value = error.message;
      else setTimeout(() => void send(), AGAIN_MS);
    } finally {
      sending = false;
    }
  }

  function add(experiment: string, observation: Observation): void {
    waiting.value = [...waiting.value, { account: session.account?.id ?? '', experiment, observation }];
    keep();
    void send();
  }

  window.addEventListener('online', () => void send());
  watch(
    () => session.account?.id,
    () => void send(),
    { immediate: true },
  );

  return {
    offline: computed(() => offline.value),
    refused: computed(() => refused.value),
    count: computed(() => own.value.length),
    of: (experiment: string) => own.value.filter((item) => item.experiment === experiment).map((item) => item.observation),
    /** Calls back with each batch that the server has acknowledged. */
    whenSent: (tell: (experiment: string, observations: readonly Observation[]) => void) => void listeners.push(tell),
    add,
    send,
  };
});
