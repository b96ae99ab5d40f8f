import { blankOf, longText, type RecordOf } from './fields';

export const writingFields = {
  background: longText({ words: 'background' }),
  discussion: longText({ words: 'discussion' }),
  conclusion: longText({ words: 'conclusion' }),
  next: longText({ words: 'next time' }),
};

/** The parts of the report that only the writer can write, as typed. */
export type Writing = RecordOf<typeof writingFields>;

export const emptyWriting: Writing = blankOf(writingFields);
