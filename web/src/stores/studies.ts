import type { PackedStudyRecord } from '@fern/contract';
import { experimentFields, withBlanks, type Incident } from '@fern/core';
import { v7 as uuid } from 'uuid';
import { api } from './api';
import { dropFromCachedList, cacheAnswer, cachedAnswer, cachedList, sinceCachedPath } from './offlineCache';
import type { Logged } from './pendingSync';
import { fromStored, type StoredEntry } from './storedEntry';

const pathOf = (id: string) => `/experiments/${id}/study?as=columns`;

/** An experiment with all that was logged, from the server; kept in this browser for when there is no network. */
export async function fetchStudy(account: string, id: string): Promise<PackedStudyRecord> {
  const asked = uuid();
  const packed = await api.get<PackedStudyRecord>(pathOf(id));
  void cacheAnswer(account, pathOf(id), packed).then(() => dropFromCachedList(account, sinceCachedPath(id), asked));
  return packed;
}

/** As it was last kept here, with what was sent since; null where it never was. */
export async function keptStudy(account: string, id: string) {
  const study = await cachedAnswer(account, pathOf(id));
  if (study === null) return null;
  const since = (await cachedList<StoredEntry<Logged>>(account, sinceCachedPath(id))).map((logged) => fromStored<Logged>(logged));
  const { happenings, ...packed } = study.answer as PackedStudyRecord & { readonly happenings?: readonly Incident[] };
  // It may have been kept by the version before.
  const experiment = withBlanks(experimentFields, packed.experiment);
  return { packed: { ...packed, incidents: happenings ?? packed.incidents, experiment }, since, at: study.at };
}
