import type { ExperimentRecord } from '@fern/contract';
import { experimentFields, unitFields, withBlanks, type Experiment } from '@fern/core';
import { fromRow } from './columns';
import type { ExperimentRow, UnitRow } from './index';

/** The version of an experiment that is being stored or taken out, by pieces: nobody finds it. */
export const ARRIVING = 0;

/** What is found: neither in the bin nor still being stored. */
export const SHOWN = `deletedAt IS NULL AND version > ${ARRIVING}`;

/** An experiment as it is stored; its units have a table of their own. */
export function asDocument({ units: _units, ...rest }: Experiment): string {
  return JSON.stringify(rest);
}

/** A stored experiment with its units. */
export function asRecord(row: ExperimentRow, units: readonly UnitRow[]): ExperimentRecord {
  const stored: object = { ...(JSON.parse(row.document) as object), units: units.map((unit) => fromRow(unitFields, unit)) };
  return { id: row.id, version: row.version, experiment: withBlanks(experimentFields, stored) };
}
