import { codesCell } from './cells';
import { code, date, flag, list, maybe, number, text, type RecordOf } from './fields';

const codes = (of: string) => list(text({ most: 40, least: 1 }), { words: of, most: 400, cell: codesCell });

export const photoFields = {
  id: text({ words: 'id', least: 1, most: 64, must: true, pattern: /^[\w-]+$/ }),
  on: date({ words: 'day', must: true }),
  units: codes('units'),
  arms: codes('arms'),
  note: maybe(text({ words: 'caption', most: 500 })),
  /** The picture's name in the folder `photos` of the package. An entry that mends another has the same picture. */
  file: text({ words: 'file', least: 1, most: 80, must: true, pattern: /^[\w-]+\.jpg$/ }),
  /** Of the picture, in pixels. */
  width: number({ words: 'width', whole: true, least: 1, most: 10_000 }),
  height: number({ words: 'height', whole: true, least: 1, most: 10_000 }),
  /** The entry that this one mends or withdraws. */
  replaces: maybe(code({ words: 'entry that it mends', most: 64, trim: false, must: false, optional: true, sparse: true })),
  /** It was put here in error. */
  withdrawn: flag({ words: 'withdrawn', optional: true, sparse: true }),
};

/** A photo of some units, of some arms, or of the whole bench. Its picture is kept apart. Mended by another entry, and kept. */
export type Photo = RecordOf<typeof photoFields>;

/**
 * Where a photo's picture lies in a package.
 * @param file its name
 * @returns a path in the package
 */
export const photoPath = (file: string) => `photos/${file}`;
