import { blankOf, choice, date, list, longText, maybe, record, text, type RecordOf } from './fields';

const parts = ['background', 'discussion', 'conclusion', 'next'] as const;
const beside = (words: string) => ({
  background: longText({ words }),
  discussion: longText({ words }),
  conclusion: longText({ words }),
  next: longText({ words }),
});

/** A picture or photo that stands in a part of the writer's own. */
const figureFields = {
  part: choice(parts, { words: 'the part it stands in' }),
  /** Of a picture its id, as `height.dots`; of a photo the name of its file. */
  figure: text({ words: 'the picture', least: 1, most: 120 }),
};
export const writingFields = {
  background: longText({ words: 'background' }),
  discussion: longText({ words: 'discussion' }),
  conclusion: longText({ words: 'conclusion' }),
  next: longText({ words: 'next time' }),
  /** The pictures that stand in the report, by the names of their files. */
  photos: list(text({ most: 80 }), { words: 'photos in the report', most: 60, optional: true }),
  /** Who wrote it. */
  names: text({ words: 'names', optional: true }),
  group: text({ words: 'group or class', most: 120, optional: true }),
  date: maybe(date({ words: 'day of the report', optional: true })),
  /** Why the writer believes what stands in a part, and where it was read. */
  reasons: record(beside('reason'), { words: 'reasons', optional: true }),
  sources: record(beside('source'), { words: 'sources', optional: true }),
  figures: list(record(figureFields), { words: 'pictures in the parts', most: 40, optional: true }),
  /** One page for the youngest, a school report, or the full record. */
  length: choice(['school', 'page', 'full'], { words: 'length of the report', optional: true }),
};

/** What only the writer can put into the report. Facts of the study stand in its texts by reference, as `{=height.T.mean}`. */
export type Writing = RecordOf<typeof writingFields>;

/** A part that is typed. */
export type WritingPart = (typeof parts)[number];
export type ReportLength = Writing['length'];

export const emptyWriting: Writing = blankOf(writingFields);
