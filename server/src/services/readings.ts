import { observationFields, type Observation } from '@fern/core';
import { toRow } from '../models/columns';
import type { Tables } from '../oneWriter';

const columns = [...Object.keys(observationFields), 'experimentId', 'receivedAt'];

/** Appends readings to an experiment's log; part of a change. */
export function insertReadings(
  { statements }: Tables,
  experimentId: string,
  readings: readonly Observation[],
  receivedAt: string,
): Promise<void> {
  const rows = readings.map((seen) => ({ ...toRow(observationFields, seen), experimentId, receivedAt }));
  return statements.insert('observations', columns, rows);
}
