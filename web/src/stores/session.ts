import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { Credentials, SessionState } from '@fern/contract';
import { api, CallError } from './api';

const REMEMBERED = 'fern-test.account';

/** Who is signed in. */
export const useSession = defineStore('session', () => {
  const state = ref<SessionState>({ account: null, firstStart: false, demo: [] });
  const known = ref(false);
  const unreachable = ref(false);

  function take(next: SessionState): void {
    state.value = next;
    known.value = true;
    unreachable.value = false;
    if (next.account) localStorage.setItem(REMEMBERED, next.account.name);
  }

  async function load(): Promise<void> {
    try {
      take(await api.get<SessionState>('/session'));
    } catch (error) {
      if (!(error instanceof CallError)) throw error;
      // Without a network the pages that were opened before still work for whoever was signed in.
      unreachable.value = localStorage.getItem(REMEMBERED) !== null;
    }
  }

  async function leave(): Promise<void> {
    await api.delete('/session');
    localStorage.removeItem(REMEMBERED);
    // A new page, so that nothing of this account stays in memory.
    location.assign('/door');
  }

  return {
    known,
    unreachable,
    account: computed(() => state.value.account),
    firstStart: computed(() => state.value.firstStart),
    demo: computed(() => state.value.demo),
    load,
    leave,
    enter: async (credentials: Credentials) => take(await api.post<SessionState>('/session', credentials)),
    begin: async (credentials: Credentials) => take(await api.post<SessionState>('/accounts', credentials)),
    enterDemo: async (account: string) => take(await api.post<SessionState>('/session/demo', { account })),
  };
});
