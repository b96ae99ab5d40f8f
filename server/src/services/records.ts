import { careFields, incidentFields, observationFields, photoFields, unitFields, type Fields } from '@fern/core';
import { toRow } from '../models/columns';
import type { Tables } from '../oneWriter';

/** The tables whose rows belong to an experiment, with what a record is made of, and what the database alone knows of it. */
const recordTables = {
  units: { fields: unitFields, own: ['experimentId', 'position'] },
  observations: { fields: observationFields, own: ['experimentId', 'receivedAt'] },
  incidents: { fields: incidentFields, own: ['experimentId'] },
  care: { fields: careFields, own: ['experimentId'] },
  photos: { fields: photoFields, own: ['experimentId'] },
} satisfies Readonly<Record<string, { readonly fields: Fields; readonly own: readonly string[] }>>;

export type RecordTable = keyof typeof recordTables;

/**
 * Adds records to a table; part of a change.
 * @param own what the database alone knows of each, by its place in the list
 */
export function insertRecords(
  { statements }: Tables,
  table: RecordTable,
  records: readonly object[],
  own: (i: number) => Readonly<Record<string, string | number>>,
): Promise<void> {
  const { fields, own: more } = recordTables[table];
  const rows = records.map((record, i) => ({ ...toRow(fields, record), ...own(i) }));
  return statements.insert(table, [...Object.keys(fields), ...more], rows);
}
