import { isDate, isMoment } from './dates';
import type { Field, Fields, RecordOf, Shape } from './fields';

/**
 * Whether a value is of a shape. Lengths of text and of lists are left to whoever stores it.
 * @param shape of a field
 * @param value anything, as from JSON
 * @returns whether a record may hold it
 */
export function fits(shape: Shape, value: unknown): boolean {
  switch (shape.type) {
    case 'text':
      return typeof value === 'string';
    case 'number':
      return typeof value === 'number' && Number.isFinite(value) && !(shape.above !== undefined && value <= shape.above);
    case 'choice':
      return typeof value === 'string' && shape.among.includes(value);
    case 'flag':
      return typeof value === 'boolean';
    case 'date':
      return typeof value === 'string' && isDate(value);
    case 'moment':
      return typeof value === 'string' && isMoment(value);
    case 'words':
    case 'record':
      return isObject(value);
    case 'list':
      return Array.isArray(value);
  }
}

/**
 * What a value should be, in words that follow "is not".
 * @param field of a record
 * @returns "a number of 0 or more, like 12.5"
 */
export function expected({ shape, cell }: Pick<Field, 'shape' | 'cell'>): string {
  if (cell) return cell.expected;
  switch (shape.type) {
    case 'text':
    case 'words':
      return 'text';
    case 'number':
      if (shape.above !== undefined) return `a number above ${shape.above}`;
      return `a ${shape.whole ? 'whole number' : 'number'}${shape.least === undefined ? '' : ` of ${shape.least} or more`}${shape.whole ? '' : ', like 12.5'}`;
    case 'choice':
      return [shape.among.slice(0, -1).join(', '), shape.among.at(-1)].join(' or ');
    case 'flag':
      return 'true or false';
    case 'date':
      return 'a date, like 2026-04-14';
    case 'moment':
      return 'a date or date-time, like 2026-04-14 or 2026-04-14T09:30:00Z';
    case 'list':
      return 'a list';
    case 'record':
      return 'an object';
  }
}

/**
 * A record from what may be any JSON: what is missing or does not fit is left at its blank.
 * @param fields of the record, from `model/`
 * @param value a part of a descriptor, written by hand or by another program, in the names of its columns
 * @returns a whole record; never throws
 */
export function readRecord<const F extends Fields>(fields: F, value: unknown): RecordOf<F> {
  const from = isObject(value) ? value : {};
  const entries = Object.entries(fields).map(([name, field]) => [name, readValue(field, from[field.column ?? name])]);
  return Object.fromEntries(entries) as RecordOf<F>;
}

function readValue({ shape, blank }: Pick<Field, 'shape' | 'blank'>, value: unknown): unknown {
  if (shape.type === 'record' && !isObject(value)) return blank;
  if (shape.type === 'record') return readRecord(shape.fields, value);
  if (!fits(shape, value)) return blank;
  if (shape.type !== 'list' || !Array.isArray(value)) return value;
  const { of } = shape;
  return value.filter((item) => fits(of, item)).map((item) => readValue({ shape: of, blank: null }, item));
}

/**
 * A record that was stored before one of its fields existed or had its name, with the blanks of what it lacks. Nothing else is touched.
 * @param fields of the record, from `model/`
 * @param value a document of our own
 * @returns a whole record
 */
export function withBlanks<const F extends Fields>(fields: F, value: object): RecordOf<F> {
  const from: Record<string, unknown> = { ...value };
  const entries = Object.entries(fields).map(([name, { shape, blank, formerly }]) => {
    if (formerly === undefined) return [name, filled(shape, from[name], blank)];
    const { [formerly]: before } = from;
    if (!(formerly in fields)) delete from[formerly];
    return [name, filled(shape, from[name] ?? before, blank)];
  });
  return { ...from, ...Object.fromEntries(entries) } as RecordOf<F>;
}

function filled(shape: Shape, value: unknown, blank: unknown): unknown {
  if (value === undefined) return blank;
  if (shape.type === 'record' && isObject(value)) return withBlanks(shape.fields, value);
  if (shape.type === 'list' && shape.of.type === 'record' && Array.isArray(value)) return value.map((item) => filled(shape.of, item, item));
  return value;
}

/**
 * A record as it would have been named before: for whoever still asks in the names of an earlier version.
 * @param fields of the record, from `model/`
 * @param value of the record's shape; what it lacks is left out
 */
export function withFormerNames(fields: Fields, value: object): Record<string, unknown> {
  return renamed({ type: 'record', fields }, value, ({ formerly }) => formerly) as Record<string, unknown>;
}

/**
 * A record as a descriptor names it.
 * @param fields of the record, from `model/`
 * @param value of the record's shape
 */
export function withColumnNames(fields: Fields, value: object): Record<string, unknown> {
  return renamed({ type: 'record', fields }, value, ({ column }) => column) as Record<string, unknown>;
}

function renamed(shape: Shape, value: unknown, nameOf: (field: Field) => string | undefined): unknown {
  if (shape.type === 'list' && Array.isArray(value)) return value.map((item) => renamed(shape.of, item, nameOf));
  if (shape.type !== 'record' || !isObject(value)) return value;
  const entries = Object.entries(value).map(([name, held]) => {
    const field = shape.fields[name];
    return field ? [nameOf(field) ?? name, renamed(field.shape, held, nameOf)] : [name, held];
  });
  return Object.fromEntries(entries);
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
