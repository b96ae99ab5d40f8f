import { codesCell } from './cells';
import { choice, code, date, flag, list, maybe, text, type RecordOf } from './fields';

const codes = (of: string) => list(text({ most: 40, least: 1, pattern: /^\S+$/ }), { words: of, most: 400, cell: codesCell });

export const happeningFields = {
  id: text({ words: 'id', least: 1, most: 64, must: true }),
  on: date({ words: 'day', must: true }),
  kind: choice(['protocol-change', 'equipment', 'pest-or-disease', 'weather', 'mix-up', 'loss', 'move', 'other'], {
    words: 'kind',
    must: true,
  }),
  arms: codes('arms'),
  units: codes('units'),
  note: text({ words: 'note', most: 2000 }),
  /** What who wrote it believes that it did. */
  effect: text({ words: 'what it did', most: 2000, optional: true, sparse: true }),
  /** The entry that this one mends or withdraws. */
  replaces: maybe(code({ words: 'entry that it mends', most: 64, trim: false, must: false, optional: true, sparse: true })),
  /** It was written down in error: what it mends did not happen. */
  withdrawn: flag({ words: 'withdrawn', optional: true, sparse: true }),
};

/** Something that happened and was not in the plan. No arms and no units means that it touched all. Mended by another entry, and kept. */
export type Happening = RecordOf<typeof happeningFields>;
export type EventKind = Happening['kind'];
