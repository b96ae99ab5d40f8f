import { defineStore } from 'pinia';
import { computed, onScopeDispose, ref } from 'vue';
import type { Account, Credentials, NewAccount, SessionState } from '@fern/contract';
import { api, CallError, whenSignedOut } from './api';
import { clearOfflineCache } from './offlineCache';

const REMEMBERED = 'fern-test.account';
/** Someone signed out without a network: the server is told as soon as it answers. */
const LEAVING = 'fern-test.leaving';

/** Who was signed in here last, by the server's word; null for nobody. */
function remembered(): Account | null {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(REMEMBERED) ?? 'null');
    return typeof stored === 'object' && stored !== null && 'id' in stored ? (stored as Account) : null;
  } catch {
    return null;
  }
}

/** Who is signed in. */
export const useSession = defineStore('session', () => {
  const state = ref<SessionState>({ account: null, firstStart: false, needsCode: false, demo: [] });
  const known = ref(false);
  /** The server has not said who this is: whoever was signed in here goes on, without a network. */
  const unreachable = ref(false);
  /** The server no longer knows the person whose pages are open. */
  const expired = ref(false);
  const channel = new BroadcastChannel('fern-test.session');

  /** How often the server was asked who this is: only its last answer holds. */
  let asked = 0;

  async function take(next: SessionState, question: number): Promise<void> {
    if (question !== asked) return;
    const cleared = clearOfflineCache(next.account?.id);
    // Who was here already need not wait for it.
    if (next.account === null || remembered()?.id !== next.account.id) await cleared;
    if (question !== asked) return;
    if (next.account) localStorage.setItem(REMEMBERED, JSON.stringify(next.account));
    else localStorage.removeItem(REMEMBERED);
    const other = state.value.account !== null && next.account !== null && state.value.account.id !== next.account.id;
    // A new page, so that nothing of the person before stays in memory.
    if (other) return location.assign('/');
    state.value = next;
    known.value = true;
    unreachable.value = false;
    expired.value = false;
  }

  async function load(): Promise<void> {
    try {
      if (localStorage.getItem(LEAVING) !== null) await api.delete('/session').catch(unlessOffline);
      localStorage.removeItem(LEAVING);
      const question = ++asked;
      const next = await api.get<SessionState>('/session');
      if (next.account === null && state.value.account !== null && question === asked) await end();
      else await take(next, question);
    } catch (error) {
      if (!(error instanceof CallError)) throw error;
      // Without a network the pages that were opened before still work for whoever was signed in.
      const account = localStorage.getItem(LEAVING) === null ? remembered() : null;
      unreachable.value = account !== null;
      state.value = { ...state.value, account };
    }
  }

  /** The pages stay as they are, unseen, until the same person is back. */
  async function end(): Promise<void> {
    if (state.value.account === null || expired.value) return;
    expired.value = true;
    await clearOfflineCache();
  }

  async function leave(): Promise<void> {
    localStorage.removeItem(REMEMBERED);
    localStorage.setItem(LEAVING, '1');
    await clearOfflineCache();
    await api.delete('/session').then(
      () => localStorage.removeItem(LEAVING),
      () => undefined,
    );
    channel.postMessage('left');
    location.assign('/door');
  }

  whenSignedOut(() => void end());
  channel.addEventListener('message', () => void load());
  onScopeDispose(() => channel.close());

  async function enter(path: string, body: unknown): Promise<void> {
    const question = ++asked;
    await take(await api.post<SessionState>(path, body), question);
    channel.postMessage('entered');
  }

  return {
    known,
    unreachable,
    expired,
    account: computed(() => state.value.account),
    firstStart: computed(() => state.value.firstStart),
    needsCode: computed(() => state.value.needsCode),
    demo: computed(() => state.value.demo),
    load,
    leave,
    enter: (credentials: Credentials) => enter('/session', credentials),
    begin: (credentials: NewAccount) => enter('/accounts', credentials),
    enterDemo: (account: string) => enter('/session/demo', { account }),
  };
});

/** A session that had ended already is left as well. */
function unlessOffline(error: unknown): void {
  if (!(error instanceof CallError) || error.offline) throw error;
}
