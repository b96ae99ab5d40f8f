import { defineStore } from 'pinia';
import { useEventListener } from '@vueuse/core';
import { computed, onScopeDispose, ref, watch } from 'vue';
import { api, CallError } from './api';
import { toStored } from './storedEntry';
import { appendToCachedList, sinceCachedPath } from './offlineCache';
import { useSession } from './session';
import { oneTabAtATime, pendingEntry, type Logged, type PendingEntry } from './pendingSync';
import { usePendingList } from './pendingList';

const AT_ONCE = 1000;
const AGAIN_MS = 5000;

/** @param reply what the server answered; of several readings, one answer */
type Sent = (items: readonly PendingEntry[], reply: unknown) => void;

/**
 * Readings, mishaps and losses on their way to the server, a queue an experiment. Each is kept in this browser first and leaves only when
 * the server has acknowledged it, so that a closed tab or a greenhouse with no signal loses nothing; its id makes a second sending harmless.
 * What the server refuses is set aside with its words, and the others go on.
 */
export const useOutbox = defineStore('outbox', () => {
  const session = useSession();
  const { list, looked, unkept, look, put, forget } = usePendingList();
  const offline = ref(false);
  /** Why nothing can be sent just now, other than the network. */
  const stopped = ref<string | null>(null);
  const own = computed(() => list.value.filter((item) => item.account === session.account?.id));
  const ready = computed(() => own.value.filter((item) => item.refused === undefined));
  const listeners: Sent[] = [];
  const before: ((item: PendingEntry) => Promise<void>)[] = [];
  let again: ReturnType<typeof setTimeout> | undefined;
  let underWay: Promise<void> | null = null;
  let more = false;
  let over = false;

  /** All of them are kept in this browser, or none is. */
  async function add(experiment: string, logged: readonly Logged[]): Promise<void> {
    await put(logged.map((item) => pendingEntry(session.account?.id ?? '', experiment, item)));
    await send();
  }

  /** Sends what waits; resolves when all of it is acknowledged or set aside, or nothing more can be sent just now. */
  function send(): Promise<void> {
    // A reading is kept a moment after it was taken: by then the page may have been left.
    if (over) return Promise.resolve();
    more = true;
    underWay ??= sendOn();
    return underWay;
  }

  /** Once more for what came meanwhile. */
  async function sendOn(): Promise<void> {
    try {
      while (more) {
        more = false;
        await oneTabAtATime(sendAll);
      }
    } finally {
      underWay = null;
    }
  }

  async function sendAll(): Promise<void> {
    await look();
    if (ready.value.length > 0 && session.unreachable) await session.load();
    if (session.unreachable) {
      offline.value = ready.value.length > 0;
      return later();
    }
    const notNow = new Set<string>();
    for (;;) {
      const next = ready.value.find((item) => !notNow.has(item.experiment));
      if (!next || over) return;
      const queue = ready.value.filter((item) => item.experiment === next.experiment);
      const others = queue.findIndex((item) => item.kind !== 'reading');
      const batch = next.kind === 'reading' ? queue.slice(0, Math.min(AT_ONCE, others < 0 ? AT_ONCE : others)) : [next];
      const went = await sendBatch(next, batch);
      if (went === 'stop') return;
      if (went === 'wait') notNow.add(next.experiment);
    }
  }

  /** `stop` where nothing can be sent now, `wait` where only this experiment cannot. */
  async function sendBatch(first: PendingEntry, batch: readonly PendingEntry[]): Promise<'sent' | 'wait' | 'stop'> {
    try {
      for (const prepare of before) await prepare(first);
      const reply = await post(first, batch);
      offline.value = false;
      stopped.value = null;
      // First to where what is stored is shown, so that a reading is never missing between the two.
      await appendToCachedList(
        first.account,
        sinceCachedPath(first.experiment),
        batch.map((item) => toStored(withoutPicture(item))),
      );
      for (const tell of listeners) tell(batch, reply);
      await forget(batch);
      return 'sent';
    } catch (error) {
      if (!(error instanceof CallError)) throw error;
      return refuse(error, batch);
    }
  }

  async function refuse(error: CallError, batch: readonly PendingEntry[]): Promise<'sent' | 'wait' | 'stop'> {
    offline.value = error.offline;
    stopped.value = error.status === 401 ? 'You are signed out. Sign in again, then what waits here is sent.' : null;
    if (error.status === 401) return 'stop';
    if (error.offline || error.status === 429) {
      later();
      return 'stop';
    }
    if (error.status >= 500) {
      later();
      return 'wait';
    }
    const words = new Map<PendingEntry, string>();
    for (const { pointer, detail } of error.errors) {
      const item = batch[Number(/^\/observations\/(\d+)(\/|$)/.exec(pointer)?.[1] ?? NaN)];
      if (item && !words.has(item)) words.set(item, detail);
    }
    if (words.size === 0) for (const item of batch) words.set(item, error.message);
    await put([...words].map(([item, refused]) => ({ ...item, refused })));
    return 'sent';
  }

  function later(): void {
    clearTimeout(again);
    again = setTimeout(() => void send(), AGAIN_MS);
  }

  useEventListener(window, 'online', () => void send());
  onScopeDispose(() => {
    over = true;
    clearTimeout(again);
  });
  watch([() => session.account?.id, () => session.expired], () => void send(), { immediate: true });

  return {
    looked: computed(() => looked.value),
    offline: computed(() => offline.value),
    stopped: computed(() => stopped.value),
    /** How many wait to be sent. */
    count: computed(() => ready.value.length),
    unkept: computed(() => ready.value.filter(({ id }) => unkept.value.has(id)).length),
    /** Those that the server did not take. */
    aside: computed(() => own.value.filter((item) => item.refused !== undefined)),
    waiting: own,
    of: (experiment: string) => ready.value.filter((item) => item.experiment === experiment),
    add: (experiment: string, logged: Logged) => void add(experiment, [logged]),
    addAll: (experiment: string, logged: readonly Logged[]) => add(experiment, logged),
    drop: forget,
    send,
    /** Told of what was acknowledged. */
    whenSent: (listener: Sent) => void listeners.push(listener),
    /** Done before something is sent. */
    beforeSending: (prepare: (item: PendingEntry) => Promise<void>) => void before.push(prepare),
  };
});

/** Pictures are large, and without a network only what is said of them is needed. */
const withoutPicture = (item: PendingEntry): PendingEntry => (item.kind === 'photo' ? { ...item, picture: null } : item);

function postPhoto(
  path: string,
  { content, picture }: PendingEntry & { readonly kind: 'photo' },
  options: { readonly account: string },
): Promise<unknown> {
  if (picture === null) return api.post(`${path}/revisions`, content, options);
  const form = new FormData();
  form.append('entry', JSON.stringify(content));
  form.append('picture', new Blob([picture], { type: 'image/jpeg' }), content.file);
  return api.post(path, form, options);
}

/** Sends readings together, and anything else by itself. */
function post(first: PendingEntry, batch: readonly PendingEntry[]): Promise<unknown> {
  const path = `/experiments/${first.experiment}`;
  const options = { account: first.account };
  if (first.kind === 'reading') return api.post(`${path}/observations`, { observations: batch.map(({ content }) => content) }, options);
  if (first.kind === 'incident') return api.post(`${path}/incidents`, first.content, options);
  if (first.kind === 'care') return api.post(`${path}/care`, first.content, options);
  if (first.kind === 'photo') return postPhoto(`${path}/photos`, first, options);
  const { unit, ...state } = first.content;
  const own = `${path}/units/${encodeURIComponent(unit)}`;
  return api.patch(first.kind === 'sown' ? `${own}/sown` : own, state, options);
}
