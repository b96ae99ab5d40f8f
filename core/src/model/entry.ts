import { codesCell } from './cells';
import { code, flag, list, maybe, text } from './fields';

/** The codes of some units or arms that an entry names. */
export const codes = (of: string, { pattern, column }: { readonly pattern?: RegExp; readonly column?: string } = {}) =>
  list(text({ most: 40, least: 1, ...(pattern ? { pattern } : {}) }), {
    words: of,
    most: 400,
    cell: codesCell,
    ...(column ? { column } : {}),
  });

/** What everything that is written down at the bench ends with: it can be mended or withdrawn by another entry, and is kept. */
export const revisable = {
  /** The entry that this one mends or withdraws. */
  replaces: maybe(code({ words: 'entry that it mends', most: 64, trim: false, must: false, optional: true, sparse: true })),
  /** It was written down in error. */
  withdrawn: flag({ words: 'withdrawn', optional: true, sparse: true }),
};
