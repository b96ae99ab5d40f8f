import { v7 as uuid } from 'uuid';
import type { SownAgain } from '@fern/contract';
import type { Care, Incident, Observation, Photo, Unit } from '@fern/core';
import { browserData } from './browserData';
import { fromStored, toStored } from './storedEntry';

export type UnitState = Pick<Unit, 'status' | 'statusReason' | 'lostOn'> & { readonly unit: string };

/** How many were put into a unit, as it was counted again on a day. */
export interface SownState extends SownAgain {
  readonly unit: string;
}

/** What is logged at the bench, with or without a network. */
export type Logged =
  | { readonly kind: 'reading'; readonly content: Observation }
  | { readonly kind: 'incident'; readonly content: Incident }
  | { readonly kind: 'care'; readonly content: Care }
  /** A new photo brings its picture, as a JPEG; one that mends another has none of its own. */
  | { readonly kind: 'photo'; readonly content: Photo; readonly picture: ArrayBuffer | null }
  | { readonly kind: 'unit'; readonly content: UnitState }
  | { readonly kind: 'sown'; readonly content: SownState };

/** Something logged that the server has not acknowledged yet. */
export type PendingEntry = Logged & {
  /** In order of time: a UUID v7. A reading's and an event's is its own. */
  readonly id: string;
  /** Whose it is: only this account may send it. */
  readonly account: string;
  readonly experiment: string;
  /** Why the server did not take it, in its words: it is not sent again. */
  readonly refused?: string;
};

/** Of an account, for an experiment. */
export function pendingEntry(account: string, experiment: string, logged: Logged): PendingEntry {
  const id = logged.kind === 'unit' || logged.kind === 'sown' ? uuid() : logged.content.id;
  return { ...logged, id, account, experiment };
}

/** All that waits in this browser, oldest first. */
export async function storedPending(): Promise<PendingEntry[]> {
  const data = await browserData();
  await takeOver();
  return (await data.getAll('waiting')).map((entry) => fromStored<PendingEntry>(entry));
}

/** Rejects where this browser has no room; what was stored before is still there then. */
export async function storePending(items: readonly PendingEntry[]): Promise<void> {
  const change = (await browserData()).transaction('waiting', 'readwrite');
  await Promise.all([...items.map((item) => change.store.put(toStored(item))), change.done]);
  told.postMessage('changed');
}

export async function dropPending(ids: readonly string[]): Promise<void> {
  const change = (await browserData()).transaction('waiting', 'readwrite');
  await Promise.all([...ids.map((id) => change.store.delete(id)), change.done]);
  told.postMessage('changed');
}

const told = new BroadcastChannel('fern-test.waiting');

/**
 * Calls back when another tab has changed what waits.
 * @returns ends that
 */
export function whenOthersChange(then: () => void): () => void {
  told.addEventListener('message', then);
  return () => told.removeEventListener('message', then);
}

/**
 * One tab at a time. Browsers have no locks on a page without https: then an item may be sent twice, which its id makes harmless.
 * @param what of which only one tab does so
 */
export async function oneTabAtATime(work: () => Promise<void> | void, what = 'waiting'): Promise<void> {
  const locks = navigator.locks as LockManager | null | undefined;
  await (locks ? locks.request(`fern-test.${what}`, work) : work());
}

/** Where readings were kept before. */
const FORMER_KEY = 'fern-test.outbox';

/** What an older version of the app left waiting goes on waiting here. */
async function takeOver(): Promise<void> {
  const former = localStorage.getItem(FORMER_KEY);
  if (former === null) return;
  try {
    const list = JSON.parse(former) as { account: string; experiment: string; observation: Observation; refused?: string }[];
    await storePending(
      list.map(({ account, experiment, observation, refused }) => ({
        ...pendingEntry(account, experiment, { kind: 'reading', content: observation }),
        ...(refused === undefined ? {} : { refused }),
      })),
    );
  } catch (error) {
    // Nonsense holds no reading; where there is no room it stays where it is.
    if (!(error instanceof SyntaxError || error instanceof TypeError)) throw error;
  }
  localStorage.removeItem(FORMER_KEY);
}
