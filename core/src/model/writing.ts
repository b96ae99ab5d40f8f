import { blankOf, list, longText, text, type RecordOf } from './fields';

export const writingFields = {
  background: longText({ words: 'background' }),
  discussion: longText({ words: 'discussion' }),
  conclusion: longText({ words: 'conclusion' }),
  next: longText({ words: 'next time' }),
  /** The pictures that stand in the report, by the names of their files. */
  photos: list(text({ most: 80 }), { words: 'photos in the report', most: 60, optional: true }),
};

/** What only the writer can put into the report: the parts that are typed, and the photos that are chosen. */
export type Writing = RecordOf<typeof writingFields>;

/** A part that is typed. */
export type WritingPart = Exclude<keyof Writing, 'photos'>;

export const emptyWriting: Writing = blankOf(writingFields);
