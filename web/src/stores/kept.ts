import { browserData } from './browserData';

/** An answer of the server as it was last given to an account, for when there is no network. */
export interface Kept {
  readonly account: string;
  readonly path: string;
  readonly answer: unknown;
  /** Milliseconds since 1970. */
  readonly at: number;
}

/** Where the copy of an experiment has what was sent since it was made. */
export const sinceKept = (experiment: string): string => `/experiments/${experiment}/since`;

/** Keeps an answer. Where this browser has no room or allows none, nothing is kept: it is only missed without a network. */
export async function keep(account: string, path: string, answer: unknown): Promise<void> {
  await browserData()
    .then((data) => data.put('kept', { account, path, answer, at: Date.now() }))
    .catch(() => undefined);
}

/** Null where there is none. */
export async function kept(account: string, path: string): Promise<Kept | null> {
  const found = await browserData()
    .then((data) => data.get('kept', [account, path]))
    .catch(() => undefined);
  return found ?? null;
}

/** Adds to a list that is kept. */
export async function keepMore(account: string, path: string, items: readonly unknown[]): Promise<void> {
  const before = await kept(account, path);
  await keep(account, path, [...(Array.isArray(before?.answer) ? (before.answer as unknown[]) : []), ...items]);
}

/** Nothing of any account is left to read here. What waits to be sent is not touched. */
export async function forgetKept(): Promise<void> {
  await browserData()
    .then((data) => data.clear('kept'))
    .catch(() => undefined);
}
