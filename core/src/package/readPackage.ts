import type { Arm, Care, Experiment, Happening, Measure, Observation, Study, Unit } from '../model';
import type { Problem } from './Problem';
import { readDescriptor } from './readDescriptor';
import { readTable, type Cell, type TableRow } from './readTable';
import { tables } from './tables';

/** The texts of a package by file name. */
export type PackageFiles = Readonly<Record<string, string>>;

export type ReadResult = { readonly study: Study } | { readonly problems: readonly Problem[] };

/**
 * Reads an open experiment package. Either the whole study, or every problem found with file, row and column; never half a study.
 * @param files name → text, with datapackage.json among them
 */
export function readPackage(files: PackageFiles): ReadResult {
  const descriptor = readDescriptor(files['datapackage.json']);
  const problems: Problem[] = [...descriptor.problems];
  const rows: Record<string, readonly TableRow[]> = {};
  let header: readonly string[] = [];
  for (const table of tables) {
    const csv = files[descriptor.paths[table.name] ?? table.file];
    if (csv === undefined) {
      if (!table.optional)
        problems.push({ file: table.file, row: null, column: null, message: 'the file is missing; expected it in the package' });
      rows[table.name] = [];
      continue;
    }
    if (csv.includes('\0')) {
      problems.push({ file: table.file, row: null, column: null, message: 'is not text; expected a CSV file in UTF-8' });
      rows[table.name] = [];
      continue;
    }
    const read = readTable(table, csv);
    problems.push(...read.problems);
    rows[table.name] = read.rows;
    if (table.name === 'arms') header = read.header;
  }
  problems.push(...checkReferences(rows), ...checkTogether(rows));
  if (problems.length > 0 || descriptor.experiment === null) return { problems };

  const experiment: Experiment = {
    ...descriptor.experiment,
    arms: rows.arms.map((row) => readArm(row, header)),
    units: rows.units.map(readUnit),
    measures: rows.measures.map(readMeasure),
  };
  return {
    study: {
      experiment,
      observations: rows.observations.map(readObservation),
      happenings: rows.events.map(readHappening),
      care: rows.care.map(readCare),
    },
  };
}

function checkReferences(rows: Readonly<Record<string, readonly TableRow[]>>): Problem[] {
  const problems: Problem[] = [];
  const codes = (table: string, key: string) => new Set(rows[table].map((row) => row.cells[key]));
  for (const table of tables) {
    for (const { field, table: other, key } of table.foreignKeys) {
      const known = codes(other, key);
      for (const row of rows[table.name]) {
        const code = row.cells[field];
        if (code !== null && code !== undefined && !known.has(code)) {
          problems.push({
            file: table.file,
            row: row.row,
            column: field,
            message: `"${code}" stands in no row of ${other}.csv; expected one of its ${key} codes`,
          });
        }
      }
    }
  }
  for (const [field, table] of [
    ['arms', 'arms'],
    ['units', 'units'],
  ] as const) {
    const known = codes(table, table.slice(0, -1));
    for (const row of rows.events) {
      for (const code of splitCodes(row.cells[field])) {
        if (!known.has(code))
          problems.push({
            file: 'events.csv',
            row: row.row,
            column: field,
            message: `"${code}" stands in no row of ${table}.csv; expected codes with a space between`,
          });
      }
    }
  }
  return problems;
}

function checkTogether(rows: Readonly<Record<string, readonly TableRow[]>>): Problem[] {
  const problems: Problem[] = [];
  const add = (file: string, row: number | null, column: string | null, message: string) => problems.push({ file, row, column, message });
  const controls = rows.arms.filter((row) => row.cells.role === 'control');
  if (rows.arms.length === 0) add('arms.csv', null, 'arm', 'there is no arm; expected one control and at least one treatment');
  else if (controls.length === 0) add('arms.csv', null, 'role', 'no arm is the control; expected exactly one');
  for (const extra of controls.slice(1))
    add('arms.csv', extra.row, 'role', `a second control beside row ${controls[0].row}; expected exactly one`);
  const primaries = rows.measures.filter((row) => row.cells.primary === true);
  if (rows.measures.length === 0) add('measures.csv', null, 'measure', 'there is no measure; expected at least the primary one');
  else if (primaries.length === 0) add('measures.csv', null, 'primary', 'no measure is primary; expected true for exactly one');
  for (const extra of primaries.slice(1))
    add('measures.csv', extra.row, 'primary', `a second primary measure beside row ${primaries[0].row}; expected exactly one`);

  const kinds = new Map(rows.measures.map((row) => [row.cells.measure, row.cells.kind]));
  const byId = new Map(rows.observations.map((row) => [row.cells.id, row]));
  for (const row of rows.observations) {
    const { value, replaces, id } = row.cells;
    const kind = kinds.get(row.cells.measure);
    if (typeof value === 'number') {
      if (kind === 'count' && (value < 0 || !Number.isInteger(value)))
        add('observations.csv', row.row, 'value', `"${value}" is not a count; expected a whole number of 0 or more`);
      if (kind === 'event' && value !== 0 && value !== 1)
        add('observations.csv', row.row, 'value', `"${value}" is not an event; expected 1 (it happened) or 0 (not by this date)`);
    }
    if (replaces !== null) {
      const old = byId.get(replaces);
      if (replaces === id)
        add('observations.csv', row.row, 'replaces', 'an observation cannot replace itself; expected the id of an earlier one');
      else if (old && (old.cells.unit !== row.cells.unit || old.cells.measure !== row.cells.measure)) {
        add(
          'observations.csv',
          row.row,
          'replaces',
          `"${String(replaces)}" is of another unit or measure; expected the observation that this one corrects`,
        );
      }
    }
  }
  return problems;
}

function splitCodes(cell: Cell): string[] {
  return typeof cell === 'string' ? cell.split(/\s+/).filter(Boolean) : [];
}

// The cells below were checked against the table's fields, so their types are known.
function readArm({ cells }: TableRow, header: readonly string[]): Arm {
  const factors = header.filter((name) => name.startsWith('factor_')).map((name) => [name.slice('factor_'.length), cells[name] as string]);
  return {
    arm: cells.arm as string,
    name: cells.name as string,
    role: cells.role as Arm['role'],
    dose: cells.dose as number | null,
    doseUnit: cells.dose_unit as string | null,
    factors: Object.fromEntries(factors) as Record<string, string>,
  };
}

function readUnit({ cells }: TableRow): Unit {
  return {
    unit: cells.unit as string,
    arm: cells.arm as string,
    block: cells.block as string | null,
    container: cells.container as string | null,
    row: cells.row as number | null,
    column: cells.column as number | null,
    sown: cells.sown as number | null,
    lot: cells.lot as string | null,
    startedOn: cells.started_on as string | null,
    status: cells.status as Unit['status'],
    statusReason: cells.status_reason as string | null,
  };
}

function readMeasure({ cells }: TableRow): Measure {
  const kind = cells.kind as Measure['kind'];
  return {
    measure: cells.measure as string,
    name: cells.name as string,
    kind,
    unit: cells.unit as string,
    category: cells.category as string | null,
    higherIs: cells.higher_is as Measure['higherIs'],
    primary: cells.primary as boolean,
    smallestDifference: cells.smallest_difference as number | null,
    // Pickings add up: unless the table says otherwise a harvest is compared by its total.
    when: (cells.when as Measure['when'] | null) ?? (kind === 'harvest' ? 'total' : 'final'),
    rubric: (cells.rubric as string)
      .split('; ')
      .filter(Boolean)
      .map((step) => ({ value: Number(step.split(' = ')[0]), words: step.slice(step.indexOf(' = ') + 3) })),
    readingDays: splitCodes(cells.reading_days).map(Number),
  };
}

function readObservation({ cells }: TableRow): Observation {
  return {
    id: cells.id as string,
    unit: cells.unit as string,
    plant: cells.plant as string | null,
    measure: cells.measure as string,
    observedOn: cells.observed_on as string,
    value: cells.value as number,
    category: cells.category as string | null,
    observer: cells.observer as string | null,
    blinded: cells.blinded as boolean,
    source: cells.source as Observation['source'],
    note: cells.note as string | null,
    replaces: cells.replaces as string | null,
  };
}

function readHappening({ cells }: TableRow): Happening {
  return {
    id: cells.id as string,
    on: cells.on as string,
    kind: cells.kind as Happening['kind'],
    arms: splitCodes(cells.arms),
    units: splitCodes(cells.units),
    note: cells.note as string,
  };
}

function readCare({ cells }: TableRow): Care {
  return {
    id: cells.id as string,
    on: cells.on as string,
    unit: cells.unit as string | null,
    arm: cells.arm as string | null,
    kind: cells.kind as Care['kind'],
    amount: cells.amount as number | null,
    amountUnit: cells.amount_unit as string | null,
    note: cells.note as string | null,
  };
}
