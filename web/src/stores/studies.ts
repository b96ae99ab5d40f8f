import type { PackedStudyRecord } from '@fern/contract';
import { api } from './api';
import { keep, kept, sinceKept } from './kept';
import type { Logged } from './waiting';

const pathOf = (id: string) => `/experiments/${id}/study?as=columns`;

/** An experiment with all that was logged, from the server; kept in this browser for when there is no network. */
export async function fetchStudy(account: string, id: string): Promise<PackedStudyRecord> {
  const packed = await api.get<PackedStudyRecord>(pathOf(id));
  void keep(account, pathOf(id), packed).then(() => keep(account, sinceKept(id), []));
  return packed;
}

/** As it was last kept here, with what was sent since; null where it never was. */
export async function keptStudy(account: string, id: string) {
  const study = await kept(account, pathOf(id));
  if (study === null) return null;
  const since = await kept(account, sinceKept(id));
  return { packed: study.answer as PackedStudyRecord, since: (since?.answer ?? []) as readonly Logged[], at: study.at };
}
