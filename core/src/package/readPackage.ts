import { entryOf, itemAt } from '../invariant';
import { kindOf } from '../kinds';
import { isValued, type Experiment, type Fields, type Measure, type Study } from '../model';
import { onRounds } from '../study/onRounds';
import type { Problem } from './Problem';
import { readDescriptor } from './readDescriptor';
import { MOST_PROBLEMS, readTable, type TableRow } from './readTable';
import { columnOf, tables, type Table } from './tables';

/** The texts of a package by file name. */
export type PackageFiles = Readonly<Record<string, string>>;

export type ReadResult = { readonly study: Study } | { readonly problems: readonly Problem[] };

type Rows = ReturnType<typeof readTables>['rows'];

/**
 * Reads an open experiment package. Either the whole study, or every problem found with file, row and column; never half a study.
 * @param files name → text, with datapackage.json among them
 * @returns `{ study }` or `{ problems }`; never throws
 */
export function readPackage(files: PackageFiles): ReadResult {
  const descriptor = readDescriptor(files['datapackage.json']);
  const problems: Problem[] = [...descriptor.problems];
  const { rows, columns } = readTables(files, descriptor.paths, problems);
  // What was read no further cannot be held against what refers to it.
  for (const check of [checkReferences, checkTogether])
    for (const problem of check(rows)) {
      if (problems.length >= MOST_PROBLEMS) break;
      problems.push(problem);
    }
  if (problems.length > 0 || descriptor.experiment === null) return { problems };
  const experiment: Experiment = {
    ...descriptor.experiment,
    arms: rows.arms.map(({ record }) => record),
    units: rows.units.map(({ record }) => record),
    measures: rows.measures.map(asMeasure),
  };
  // A package from elsewhere, or from before readings named their walk, leaves it to their days.
  const named = columns.get('observations')?.includes('planned_day') ?? false;
  const observations = rows.observations.map(({ record }) => record);
  return {
    study: {
      experiment,
      observations: named ? observations : onRounds(experiment, observations),
      incidents: rows.events.map(({ record }) => record),
      care: rows.care.map(({ record }) => record),
      photos: rows.photos.map(({ record }) => record),
    },
  };
}

function readTables(files: PackageFiles, paths: Readonly<Record<string, string>>, problems: Problem[]) {
  const columns = new Map<string, readonly string[]>();
  const rowsOf = <F extends Fields>(table: Table<F>): readonly TableRow<F>[] => {
    const csv = files[paths[table.name] ?? table.file];
    const problem = (message: string) => problems.push({ file: table.file, row: null, column: null, message });
    if (csv === undefined) {
      if (!table.optional) problem('the file is missing; expected it in the package');
      return [];
    }
    if (csv.includes('\0')) {
      problem('is not text; expected a CSV file in UTF-8');
      return [];
    }
    const read = readTable(table, csv);
    for (const found of read.problems) problems.push(found);
    columns.set(table.name, read.columns);
    return read.rows;
  };
  const rows = {
    arms: rowsOf(tables.arms),
    units: rowsOf(tables.units),
    measures: rowsOf(tables.measures),
    observations: rowsOf(tables.observations),
    events: rowsOf(tables.events),
    care: rowsOf(tables.care),
    photos: rowsOf(tables.photos),
  };
  return { rows, columns };
}

/** Which value counts follows from the kind, unless the table says otherwise: pickings add up. */
function asMeasure({ record, empty }: Rows['measures'][number]): Measure {
  return empty.has('when') ? { ...record, when: kindOf(record).fresh.when } : record;
}

function* checkReferences(rows: Rows): Iterable<Problem> {
  const byName: Readonly<Record<string, readonly { readonly row: number; readonly record: object }[]>> = rows;
  const value = (record: object, field: string): unknown => Object.getOwnPropertyDescriptor(record, field)?.value;
  for (const { name, file, foreignKeys } of Object.values<Table>(tables)) {
    for (const { field, table: other } of foreignKeys) {
      const { key, primaryKey } = tables[other];
      const known = new Set(entryOf(byName, other).map(({ record }) => value(record, key)));
      for (const { row, record } of entryOf(byName, name)) {
        const code = value(record, field);
        if (code !== null && code !== '' && !known.has(code)) {
          const message = `"${String(code)}" stands in no row of ${other}.csv; expected one of its ${primaryKey} codes`;
          yield { file, row, column: field, message };
        }
      }
    }
  }
  const units = new Set(rows.units.map(({ record }) => record.code));
  const arms = new Set(rows.arms.map(({ record }) => record.code));
  for (const { table, own } of [
    { table: tables.events, own: rows.events },
    { table: tables.care, own: rows.care },
    { table: tables.photos, own: rows.photos },
  ])
    for (const { row, record } of own)
      for (const [field, known] of [['arms', arms] as const, ['units', units] as const])
        for (const code of record[field]) {
          const message = `"${code}" stands in no row of ${field}.csv; expected codes with a space between`;
          if (!known.has(code)) yield { file: table.file, row, column: columnOf(field, table.fields[field]), message };
        }
}

function* checkTogether({ arms, measures, observations }: Rows): Iterable<Problem> {
  const at = (file: string, row: number | null, column: string | null, message: string): Problem => ({ file, row, column, message });
  const controls = arms.filter(({ record }) => record.role === 'control');
  if (arms.length === 0) yield at('arms.csv', null, 'arm', 'there is no arm; expected one control and at least one treatment');
  else if (controls.length === 0) yield at('arms.csv', null, 'role', 'no arm is the control; expected exactly one');
  for (const extra of controls.slice(1))
    yield at('arms.csv', extra.row, 'role', `a second control beside row ${itemAt(controls, 0).row}; expected exactly one`);
  const primaries = measures.filter(({ record }) => record.primary);
  if (measures.length === 0) yield at('measures.csv', null, 'measure', 'there is no measure; expected at least the primary one');
  else if (primaries.length === 0) yield at('measures.csv', null, 'primary', 'no measure is primary; expected true for exactly one');
  for (const extra of primaries.slice(1))
    yield at('measures.csv', extra.row, 'primary', `a second primary measure beside row ${itemAt(primaries, 0).row}; expected exactly one`);
  const all = measures.map(({ record }) => record);
  for (const { row, record } of measures) {
    const wrong = kindOf(record).misplanned(record, all);
    if (wrong !== null) yield at('measures.csv', row, 'derived', `${wrong.replace(/\.$/, '')}; expected a formula over other measures`);
  }

  const byCode = new Map(all.map((measure) => [measure.code, measure]));
  const byId = new Map(observations.map(({ record }) => [record.id, record]));
  for (const { row, record } of observations) {
    const measure = byCode.get(record.measure);
    if (record.value === null ? record.absent === null : record.absent !== null)
      yield at('observations.csv', row, 'value', 'a value and why there is none rule each other out; expected one of the two');
    const refused = measure && isValued(record) ? kindOf(measure).refuse(record.value) : null;
    if (refused !== null)
      yield at('observations.csv', row, 'value', `"${record.value}" cannot be: ${refused.replace(/\.$/, '')}; expected a ${measure?.kind}`);
    const { replaces, id } = record;
    if (replaces === null) continue;
    const old = byId.get(replaces);
    if (replaces === id)
      yield at('observations.csv', row, 'replaces', 'an observation cannot replace itself; expected the id of an earlier one');
    else if (old && (old.unit !== record.unit || old.measure !== record.measure)) {
      const message = `"${replaces}" is of another unit or measure; expected the observation that this one corrects`;
      yield at('observations.csv', row, 'replaces', message);
    }
  }
}
