import { itemAt } from '../invariant';

/** What a value may be. The checks of the API, the columns of a package and the list of changes are all made from it. */
export type Shape =
  | { readonly type: 'text'; readonly least: number; readonly most: number; readonly trim: boolean; readonly pattern?: RegExp }
  | { readonly type: 'number'; readonly whole: boolean; readonly least?: number; readonly most?: number; readonly above?: number }
  | { readonly type: 'choice'; readonly among: readonly string[] }
  | { readonly type: 'flag' }
  | { readonly type: 'date' }
  | { readonly type: 'moment' }
  /** Words by name, as the level of each factor. */
  | { readonly type: 'words'; readonly most: number }
  | { readonly type: 'list'; readonly of: Shape; readonly least: number; readonly most: number; readonly each: string | boolean }
  | { readonly type: 'record'; readonly fields: Fields };

/** How a value stands in one cell of a table, where that is not plain. */
export interface CellForm {
  readonly pattern: RegExp;
  /** What is expected, in words for who typed the table. */
  readonly expected: string;
  readonly write: (value: never) => string;
  readonly read: (cell: string) => unknown;
  /** What stands in the cell is text to a program that knows nothing of it, though the value is none. */
  readonly isText?: boolean;
}

/** What a person is told where a limit is broken; what is not said here is said in the usual words. */
type Says = Readonly<Partial<Record<'empty' | 'least' | 'most', string>>>;

/** One field of a record: its type, its blank, its limits, and what may happen to it. */
export interface Field<Value = unknown> {
  readonly shape: Shape;
  readonly nullable: boolean;
  /** What stands there until something is said. */
  readonly blank: Value;
  /** What a person calls it, as in "the end rule was changed". */
  readonly words: string;
  /** May change after the start without an amendment. */
  readonly free: boolean;
  /** May be left out of a request or a document; then the blank stands. */
  readonly optional: boolean;
  /** Must be filled in a table. */
  readonly must: boolean;
  /** Its column is written only where a row says something. */
  readonly sparse: boolean;
  readonly says: Says;
  readonly cell?: CellForm;
  /** The name of its column in a table, or of its key in a descriptor, where that is not its own. */
  readonly column?: string;
  /** Its name in what was stored or sent before it had the one that it has. */
  readonly formerly?: string;
}

export type Fields = Readonly<Record<string, Field>>;

/** The type of a record, from its fields. */
export type RecordOf<F> = { readonly [K in keyof F]: F[K] extends Field<infer Value> ? Value : never };

interface More<Value> {
  readonly words?: string;
  readonly blank?: Value;
  readonly free?: boolean;
  readonly optional?: boolean;
  readonly must?: boolean;
  readonly sparse?: boolean;
  readonly says?: Says;
  readonly cell?: CellForm;
  readonly column?: string;
}

function field<Value>(shape: Shape, blank: Value, more: More<Value>, nullable = false): Field<Value> {
  return {
    shape,
    nullable,
    blank: more.blank ?? blank,
    words: more.words ?? '',
    free: more.free ?? false,
    optional: more.optional ?? false,
    must: more.must ?? false,
    sparse: more.sparse ?? false,
    says: more.says ?? {},
    ...(more.cell ? { cell: more.cell } : {}),
    ...(more.column ? { column: more.column } : {}),
  };
}

interface TextMore extends More<string> {
  readonly least?: number;
  readonly most?: number;
  readonly trim?: boolean;
  readonly pattern?: RegExp;
}

/** Free text of at most 300 characters, or of as many as `most` says. */
export function text({ least = 0, most = 300, trim = false, pattern, ...more }: TextMore = {}): Field<string> {
  return field({ type: 'text', least, most, trim, ...(pattern ? { pattern } : {}) }, '', more);
}

/** Text of several lines, as people write it. */
export const longText = (more: TextMore = {}) => text({ most: 20_000, ...more });

/** A short code by which other records name this one. */
export const code = (more: TextMore = {}) => text({ least: 1, most: 40, trim: true, must: true, ...more });

interface NumberMore extends More<number> {
  readonly whole?: boolean;
  readonly least?: number;
  readonly most?: number;
  readonly above?: number;
}

/** A number between limits, both included; `above` is not. */
export function number({ whole = false, least, most, above, ...more }: NumberMore = {}): Field<number> {
  return field({ type: 'number', whole, least, most, above }, 0, more);
}

/** One of a few words. The blank is the first unless another is named. */
export function choice<const Word extends string>(among: readonly Word[], more: More<Word> = {}): Field<Word> {
  return field<Word>({ type: 'choice', among }, itemAt(among, 0), more);
}

export function flag(more: More<boolean> = {}): Field<boolean> {
  return field({ type: 'flag' }, false, more);
}

/** A calendar date. */
export function date(more: More<string> = {}): Field<string> {
  return field({ type: 'date' }, '', more);
}

/** A calendar date, with a time of day or without. */
export function moment(more: More<string> = {}): Field<string> {
  return field({ type: 'moment' }, '', more);
}

/** Words by name; at most so many names. */
export function words(most: number, more: More<Readonly<Record<string, string>>> = {}): Field<Readonly<Record<string, string>>> {
  return field({ type: 'words', most }, {}, more);
}

/** The same, or null where nothing is known; null is then the blank. */
export function maybe<Value>(of: Field<Value>, more: More<Value> = {}): Field<Value | null> {
  return { ...of, ...more, nullable: true, blank: null };
}

/** A field that had another name before; a package goes on calling it so. */
export function namedBefore<Value>(name: string, of: Field<Value>): Field<Value> {
  return { ...of, column: name, formerly: name };
}

interface ListMore<Value> extends More<readonly Value[]> {
  readonly least?: number;
  readonly most?: number;
  /** No two are alike: by themselves, or by the field named. */
  readonly each?: string | boolean;
}

/** Several of the same. */
export function list<Value>(
  of: Field<Value>,
  { least = 0, most = 200, each = false, ...more }: ListMore<Value> = {},
): Field<readonly Value[]> {
  return field<readonly Value[]>({ type: 'list', of: of.shape, least, most, each }, [], more);
}

/** A record within a record. */
export function record<const F extends Fields>(fields: F, more: Omit<More<RecordOf<F>>, 'blank'> = {}): Field<RecordOf<F>> {
  return field<RecordOf<F>>({ type: 'record', fields }, blankOf(fields), more);
}

/**
 * A record of which nothing has been said yet.
 * @param fields the record's fields
 * @returns every field at its blank
 */
export function blankOf<const F extends Fields>(fields: F): RecordOf<F> {
  return Object.fromEntries(Object.entries(fields).map(([name, { blank }]) => [name, blank])) as RecordOf<F>;
}
