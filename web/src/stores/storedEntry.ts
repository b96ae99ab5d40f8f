import type { Logged } from './pendingSync';

type IncidentOf<Entry extends Logged> = Extract<Entry, { kind: 'incident' }>;

/** What is logged, as browsers store it: a tab of the version before may send it, and knows an incident by another name. */
export type StoredEntry<Entry extends Logged> =
  Exclude<Entry, { kind: 'incident' }> | (Omit<IncidentOf<Entry>, 'kind'> & { readonly kind: 'happening' });

const isIncident = <Entry extends Logged>(entry: Entry): entry is IncidentOf<Entry> => entry.kind === 'incident';

export function toStored<Entry extends Logged>(entry: Entry): StoredEntry<Entry> {
  return isIncident(entry) ? { ...entry, kind: 'happening' } : (entry as Exclude<Entry, { kind: 'incident' }>);
}

export function fromStored<Entry extends Logged>(entry: StoredEntry<Entry>): Entry {
  return (entry.kind === 'happening' ? { ...entry, kind: 'incident' } : entry) as Entry;
}
