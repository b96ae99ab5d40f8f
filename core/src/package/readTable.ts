import { itemAt } from '../invariant';
import Papa from 'papaparse';
import type { Field, Fields, RecordOf } from '../model';
import { expected, fits } from '../model/readRecord';
import { numberCell } from '../model/cells';
import { unguarded } from './formulaGuard';
import type { Problem } from './Problem';
import { columnOf, plainFields, wordColumns, type Table } from './tables';

/** A package with more rows in a table, or more problems, is read no further. */
const MOST_ROWS = 1_000_000;
export const MOST_PROBLEMS = 100;

export interface TableRow<F extends Fields> {
  /** Row in the file; the header is row 1. */
  readonly row: number;
  readonly record: RecordOf<F>;
  /** Fields whose cells were empty, so that their blanks stand. */
  readonly empty: ReadonlySet<string>;
}

export interface ReadTable<F extends Fields> {
  /** Names of the columns that the file has. */
  readonly columns: readonly string[];
  readonly rows: readonly TableRow<F>[];
  readonly problems: readonly Problem[];
}

/**
 * Reads one CSV table (RFC 4180, UTF-8) and checks every cell against its field; nothing throws, each problem names row and column.
 * @param table the record's fields are its columns
 * @param csv the file as text
 */
export function readTable<F extends Fields>(table: Table<F>, csv: string): ReadTable<F> {
  const problems: Problem[] = [];
  const problem = (row: number | null, column: string | null, message: string) => problems.push({ file: table.file, row, column, message });
  const parsed = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', preview: MOST_ROWS + 1 });
  for (const error of parsed.errors.slice(0, MOST_PROBLEMS)) {
    if (error.code !== 'UndetectableDelimiter')
      problem((error.row ?? 0) + 1, null, `${error.message}; expected a CSV file with commas and double quotes`);
  }
  const [header = [], ...lines] = parsed.data;
  const fields = plainFields(table.fields);
  if (header.length === 0) {
    const usual = fields.filter(([, { sparse }]) => !sparse);
    problem(1, null, `the file is empty; expected a header with ${usual.map(([name, field]) => columnOf(name, field)).join(', ')}`);
    return { columns: [], rows: [], problems };
  }
  header.forEach((name, i) => {
    if (header.indexOf(name) !== i) problem(1, name, 'the column stands twice; expected once');
  });
  const missing = fields.filter(([name, field]) => field.must && !header.includes(columnOf(name, field)));
  for (const [name, field] of missing) problem(1, columnOf(name, field), 'the column is missing; expected it in the header');
  if (missing.length > 0) return { columns: header, rows: [], problems };

  const places = fields.map(([name, field]) => ({ name, field, column: columnOf(name, field), at: header.indexOf(columnOf(name, field)) }));
  const words = wordColumns(table.fields).map(([name, prefix]) => ({
    name,
    columns: header.flatMap((column, at) => (column.startsWith(prefix) ? [{ column, at, word: column.slice(prefix.length) }] : [])),
  }));
  if (parsed.meta.truncated) {
    problem(MOST_ROWS + 1, null, 'there are more than 1,000,000 rows; expected a smaller table');
    return { columns: header, rows: [], problems };
  }
  const keys = new Map<unknown, number>();
  const rowOf = (line: readonly string[], index: number): TableRow<F> => {
    const row = index + 2;
    if (line.length !== header.length) problem(row, null, `${line.length} cells; expected ${header.length} as in the header`);
    const record: Record<string, unknown> = {};
    const empty = new Set<string>();
    for (const { name, field, column, at } of places) {
      const cell = readCell(field, at < 0 ? '' : (line[at] ?? ''));
      if ('wrong' in cell) problem(row, column, cell.wrong);
      if ('empty' in cell) empty.add(name);
      record[name] = 'value' in cell ? cell.value : field.blank;
    }
    for (const { name, columns } of words) {
      const cells = columns.map(({ column, at, word }) => ({
        column,
        word,
        text: (line[at] ?? '').trim() === '' ? '' : unguarded(itemAt(line, at)),
      }));
      // An arm beside the crossing, as "dry" beside two baths, has a level of none.
      const stated = cells.every(({ text }) => text === '') ? [] : cells;
      for (const { column, text } of stated) if (text === '') problem(row, column, 'is empty; expected text');
      record[name] = Object.fromEntries(stated.map(({ word, text }) => [word, text]));
    }
    const key = record[table.key];
    const first = keys.get(key);
    if (key !== '' && first !== undefined)
      problem(row, table.primaryKey, `"${String(key)}" already stands in row ${first}; expected each ${table.primaryKey} once`);
    else keys.set(key, row);
    return { row, record: record as RecordOf<F>, empty };
  };
  const rows: TableRow<F>[] = [];
  for (const [index, line] of lines.entries()) {
    if (problems.length >= MOST_PROBLEMS) break;
    rows.push(rowOf(line, index));
  }
  return { columns: header, rows, problems };
}

type ReadCell = { readonly value: unknown } | { readonly empty: true } | { readonly wrong: string };

function readCell(field: Field, stands: string): ReadCell {
  const { shape } = field;
  const whole = shape.type === 'number' ? stands : unguarded(stands);
  // Free text keeps its spaces; numbers, dates and words from a list do not have any.
  const raw = shape.type === 'text' && whole.trim() !== '' ? whole : whole.trim();
  // Packages were written with the word where a reading has no value.
  const isNothing = raw === '' || (raw === 'null' && field.nullable && shape.type === 'number');
  if (isNothing) return field.must ? { wrong: `is empty; expected ${cellExpected(field)}` } : { empty: true };
  const wrong = { wrong: `"${raw.slice(0, 60)}" is not ${cellExpected(field)}` };
  if (field.cell && !field.cell.pattern.test(raw)) return wrong;
  const value = field.cell ? field.cell.read(raw) : plainValue(field, raw);
  if (field.cell) return fits(shape, value) ? { value } : wrong;
  const small = shape.type === 'number' && shape.least !== undefined && typeof value === 'number' && value < shape.least;
  const broken = shape.type === 'number' && shape.whole && !Number.isInteger(value);
  return !fits(shape, value) || small || broken ? wrong : { value };
}

function plainValue({ shape }: Field, raw: string): unknown {
  if (shape.type === 'number') return numberCell.pattern.test(raw) ? Number(raw) : NaN;
  if (shape.type === 'flag') return raw === 'true' || raw === 'false' ? raw === 'true' : null;
  return raw;
}

function cellExpected(field: Field): string {
  return field.shape.type === 'choice' ? `one of ${field.shape.among.join(', ')}` : expected(field);
}
