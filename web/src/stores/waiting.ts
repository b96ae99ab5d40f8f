import type { Observation } from '@fern/core';

/** A reading that the server has not acknowledged yet. */
export interface Waiting {
  /** Whose it is: only this account may send it. */
  readonly account: string;
  readonly experiment: string;
  readonly observation: Observation;
  /** Why the server did not take it, in its words: it is not sent again. */
  readonly refused?: string;
}

export const KEY = 'fern-test.outbox';

export const sameReading = (one: Waiting, other: Waiting): boolean =>
  one.observation.id === other.observation.id && one.experiment === other.experiment;

/** What this browser keeps, of all its tabs. */
export function storedReadings(): readonly Waiting[] {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(stored) ? (stored as Waiting[]) : [];
  } catch {
    return [];
  }
}

/**
 * Keeps the readings in this browser.
 * @returns false where its storage is full: then what was kept before is still there, and nothing else
 */
export function storeReadings(readings: readonly Waiting[]): boolean {
  try {
    localStorage.setItem(KEY, JSON.stringify(readings));
    return true;
  } catch {
    return false;
  }
}
