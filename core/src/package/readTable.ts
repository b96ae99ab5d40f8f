import Papa from 'papaparse';
import type { Problem } from './Problem';
import type { Field, Table } from './tables';
import { isDate, isMoment } from '../model/dates';

export type Cell = string | number | boolean | null;

export interface TableRow {
  /** Row in the file; the header is row 1. */
  readonly row: number;
  readonly cells: Readonly<Record<string, Cell>>;
}

export interface ReadTable {
  readonly rows: readonly TableRow[];
  readonly header: readonly string[];
  readonly problems: readonly Problem[];
}

/**
 * Reads one CSV table (RFC 4180, UTF-8) and checks every cell against its field; nothing throws, each problem names row and column.
 * @param extra fields that are read beyond the table's own, such as factor columns
 */
export function readTable(table: Table, csv: string): ReadTable {
  const problems: Problem[] = [];
  const problem = (row: number | null, column: string | null, message: string) => problems.push({ file: table.file, row, column, message });
  const parsed = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  for (const error of parsed.errors) {
    if (error.code !== 'UndetectableDelimiter')
      problem((error.row ?? 0) + 1, null, `${error.message}; expected a CSV file with commas and double quotes`);
  }
  const [header = [], ...lines] = parsed.data;
  if (header.length === 0) {
    problem(1, null, `the file is empty; expected a header with ${table.fields.map((field) => field.name).join(', ')}`);
    return { rows: [], header: [], problems };
  }
  header.forEach((name, i) => {
    if (header.indexOf(name) !== i) problem(1, name, 'the column stands twice; expected once');
  });
  const factors = header.filter((name) => table.name === 'arms' && name.startsWith('factor_'));
  const fields: readonly Field[] = [...table.fields, ...factors.map((name): Field => ({ name, type: 'string', required: true }))];
  const missing = fields.filter((field) => !field.optionalColumn && !header.includes(field.name));
  for (const field of missing) problem(1, field.name, 'the column is missing; expected it in the header');
  if (missing.length > 0) return { rows: [], header, problems };

  const keys = new Map<string, number>();
  const rows = lines.map((line, index): TableRow => {
    const row = index + 2;
    if (line.length !== header.length) problem(row, null, `${line.length} cells; expected ${header.length} as in the header`);
    const cells: Record<string, Cell> = {};
    for (const field of fields) {
      const at = header.indexOf(field.name);
      const whole = at < 0 ? '' : (line[at] ?? '');
      // Free text keeps its spaces; codes, numbers and dates do not have any.
      const raw = field.type === 'string' && !field.enum && whole.trim() !== '' ? whole : whole.trim();
      const checked = readCell(field, raw === '' ? (field.fallback ?? '') : raw);
      if ('wrong' in checked) problem(row, field.name, checked.wrong);
      cells[field.name] = 'wrong' in checked ? null : checked.value;
    }
    const key = cells[table.primaryKey];
    if (typeof key === 'string') {
      const first = keys.get(key);
      if (first !== undefined)
        problem(row, table.primaryKey, `"${key}" already stands in row ${first}; expected each ${table.primaryKey} once`);
      else keys.set(key, row);
    }
    return { row, cells };
  });
  return { rows, header, problems };
}

function readCell(field: Field, raw: string): { value: Cell } | { wrong: string } {
  if (raw === '') {
    if (field.required) return { wrong: `is empty; expected ${describe(field)}` };
    return { value: field.type === 'string' && field.fallback === '' ? '' : null };
  }
  const wrong = { wrong: `"${raw.slice(0, 60)}" is not ${describe(field)}` };
  switch (field.type) {
    case 'number':
    case 'integer': {
      const value = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(raw) ? Number(raw) : NaN;
      if (!Number.isFinite(value) || (field.type === 'integer' && !Number.isInteger(value))) return wrong;
      return field.minimum !== undefined && value < field.minimum ? wrong : { value };
    }
    case 'boolean':
      return raw === 'true' || raw === 'false' ? { value: raw === 'true' } : wrong;
    case 'date':
      return isDate(raw) ? { value: raw } : wrong;
    case 'moment':
      return isMoment(raw) ? { value: raw } : wrong;
    case 'string':
      if (field.enum && !field.enum.includes(raw)) return wrong;
      return field.pattern && !field.pattern.test(raw) ? wrong : { value: raw };
  }
}

function describe(field: Field): string {
  if (field.enum) return `one of ${field.enum.join(', ')}`;
  if (field.name === 'when') return 'final, total, area or "day N"';
  if (field.name === 'rubric') return 'steps like "1 = pale; 2 = green"';
  if (field.name === 'reading_days') return 'days as whole numbers with a space between';
  switch (field.type) {
    case 'number':
      return field.minimum === 0 ? 'a number of 0 or more, like 12.5' : 'a number, like 12.5';
    case 'integer':
      return field.minimum === 0 ? 'a whole number of 0 or more' : 'a whole number';
    case 'boolean':
      return 'true or false';
    case 'date':
      return 'a date, like 2026-04-14';
    case 'moment':
      return 'a date or date-time, like 2026-04-14 or 2026-04-14T09:30:00Z';
    case 'string':
      return 'text';
  }
}
