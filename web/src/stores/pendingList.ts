import { onScopeDispose, ref, shallowRef } from 'vue';
import { dropPending, storedPending, storePending, whenOthersChange, type PendingEntry } from './pendingSync';

/** What waits in this browser as this tab knows it, oldest first: in the browser's store, or where that has no room on this page alone. */
export function usePendingList() {
  const list = shallowRef<readonly PendingEntry[]>([]);
  /** What this browser holds is known, or that it holds nothing. */
  const looked = ref(false);
  /** Those that this browser has in its store. */
  const held = shallowRef<ReadonlySet<string>>(new Set());
  /** Those for which this browser has no room: they are on this page alone. */
  const unkept = shallowRef<ReadonlySet<string>>(new Set());
  /** Acknowledged or dropped here: what was read from the store just before does not bring them back. */
  const gone = new Set<string>();

  /** Takes in what other tabs have put there and sent since. */
  async function look(): Promise<void> {
    const stored = await storedPending().catch(() => null);
    looked.value = true;
    if (stored === null) return;
    const left = stored.filter(({ id }) => !gone.has(id));
    const there = new Set(left.map(({ id }) => id));
    const here = list.value.filter(({ id }) => !there.has(id) && !held.value.has(id));
    held.value = there;
    list.value = [...left, ...here].sort((a, b) => (a.id < b.id ? -1 : 1));
  }

  /** Adds items, or puts them in the place of those with their ids. */
  async function put(items: readonly PendingEntry[]): Promise<void> {
    const ids = items.map(({ id }) => id);
    const fresh = new Map(items.map((item) => [item.id, item]));
    const known = new Set(list.value.map(({ id }) => id));
    list.value = [...list.value.map((item) => fresh.get(item.id) ?? item), ...items.filter(({ id }) => !known.has(id))];
    try {
      await storePending(items);
      held.value = new Set([...held.value, ...ids]);
      unkept.value = new Set([...unkept.value].filter((id) => !fresh.has(id)));
    } catch {
      unkept.value = new Set([...unkept.value, ...ids]);
    }
  }

  async function forget(items: readonly PendingEntry[]): Promise<void> {
    const ids = new Set(items.map(({ id }) => id));
    for (const id of ids) gone.add(id);
    await dropPending([...ids]).catch(() => undefined);
    unkept.value = new Set([...unkept.value].filter((id) => !ids.has(id)));
    list.value = list.value.filter(({ id }) => !ids.has(id));
  }

  onScopeDispose(whenOthersChange(() => void look()));
  return { list, looked, unkept, look, put, forget };
}
