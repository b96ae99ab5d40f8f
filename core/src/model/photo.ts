import { codes, revisable } from './entry';
import { date, maybe, number, text, type RecordOf } from './fields';

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
  ...revisable,
};

/** A photo of some units, of some arms, or of the whole bench. Its picture is kept apart. Mended by another entry, and kept. */
export type Photo = RecordOf<typeof photoFields>;

/**
 * Where a photo's picture lies in a package.
 * @param file its name
 * @returns a path in the package
 */
export const photoPath = (file: string) => `photos/${file}`;
