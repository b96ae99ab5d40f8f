import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Draft } from './drafts';
import type { CachedAnswer } from './offlineCache';
import type { PendingEntry } from './pendingSync';
import type { StoredEntry } from './storedEntry';

interface BrowserData extends DBSchema {
  waiting: { key: string; value: StoredEntry<PendingEntry> };
  kept: { key: [string, string]; value: CachedAnswer };
  drafts: { key: [string, string, string]; value: Draft };
}

let opened: Promise<IDBPDatabase<BrowserData>> | null = null;

/** What this browser keeps, for all its tabs. Rejects where the browser allows none, as some do in private windows. */
export function browserData(): Promise<IDBPDatabase<BrowserData>> {
  opened ??= openDB<BrowserData>('fern-test', 2, {
    upgrade(database, from) {
      if (from < 1) {
        database.createObjectStore('waiting', { keyPath: 'id' });
        database.createObjectStore('kept', { keyPath: ['account', 'path'] });
      }
      database.createObjectStore('drafts', { keyPath: ['account', 'experiment', 'page'] });
    },
    // Another tab wants a newer shape of it, or the browser has closed it.
    blocking: () => void closeBrowserData(),
    terminated: () => (opened = null),
  });
  opened.catch(() => (opened = null));
  return opened;
}

export async function closeBrowserData(): Promise<void> {
  const closing = opened;
  opened = null;
  (await closing?.catch(() => null))?.close();
}
