import { v7 as uuid } from 'uuid';
import { browserData } from './browserData';

/** An answer of the server as it was last given to an account, for when there is no network. */
export interface CachedAnswer {
  readonly account: string;
  readonly path: string;
  readonly answer: unknown;
  /** Milliseconds since 1970. */
  readonly at: number;
}

/** Where the copy of an experiment has what was sent since it was made. */
export const sinceCachedPath = (experiment: string): string => `/experiments/${experiment}/since`;

/** Keeps an answer. Where this browser has no room or allows none, nothing is kept: it is only missed without a network. */
export async function cacheAnswer(account: string, path: string, answer: unknown): Promise<void> {
  await browserData()
    .then((data) => data.put('kept', { account, path, answer, at: Date.now() }))
    .catch(() => undefined);
}

/** Null where there is none. */
export async function cachedAnswer(account: string, path: string): Promise<CachedAnswer | null> {
  const found = await browserData()
    .then((data) => data.get('kept', [account, path]))
    .catch(() => undefined);
  return found ?? null;
}

/** Adds to a list that is kept, without reading what is in it: it may be long. */
export async function appendToCachedList(account: string, path: string, items: readonly unknown[]): Promise<void> {
  await cacheAnswer(account, `${path}/${uuid()}`, items);
}

/** All that was added to a list, in order. */
export async function cachedList<Item>(account: string, path: string): Promise<Item[]> {
  const parts = await browserData()
    .then((data) => data.getAll('kept', partsOf(account, path)))
    .catch(() => []);
  return parts.flatMap(({ answer }) => answer as Item[]);
}

/** @param until what was added before this id was made goes; what came since stays */
export async function dropFromCachedList(account: string, path: string, until: string): Promise<void> {
  await browserData()
    .then((data) => data.delete('kept', partsOf(account, path, until)))
    .catch(() => undefined);
}

/** Their ids follow one another in time. */
const partsOf = (account: string, path: string, until = '\uffff') =>
  IDBKeyRange.bound([account, `${path}/`], [account, `${path}/${until}`]);

/**
 * Nothing of any account is left to read here, or of any but one. What waits to be sent is not touched.
 * @param of the account whose answers stay; null for nobody's
 */
export async function clearOfflineCache(of: string | null = null): Promise<void> {
  // Keys are lists, which stand after every text: [of, []] is beyond all paths of the account.
  const others = of === null ? [undefined] : [IDBKeyRange.upperBound([of]), IDBKeyRange.lowerBound([of, []])];
  await browserData()
    .then((data) => Promise.all(others.map((keys) => (keys ? data.delete('kept', keys) : data.clear('kept')))))
    .catch(() => undefined);
}
