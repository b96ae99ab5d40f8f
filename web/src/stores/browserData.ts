import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Kept } from './kept';
import type { Waiting } from './waiting';

interface BrowserData extends DBSchema {
  waiting: { key: string; value: Waiting };
  kept: { key: [string, string]; value: Kept };
}

let opened: Promise<IDBPDatabase<BrowserData>> | null = null;

/** What this browser keeps, for all its tabs. Rejects where the browser allows none, as some do in private windows. */
export function browserData(): Promise<IDBPDatabase<BrowserData>> {
  opened ??= openDB<BrowserData>('fern-test', 1, {
    upgrade(database) {
      database.createObjectStore('waiting', { keyPath: 'id' });
      database.createObjectStore('kept', { keyPath: ['account', 'path'] });
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
