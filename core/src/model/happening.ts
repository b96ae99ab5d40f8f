import { codesCell } from './cells';
import { choice, date, list, text, type RecordOf } from './fields';

const codes = (of: string) => list(text({ most: 40, least: 1, pattern: /^\S+$/ }), { words: of, most: 400, cell: codesCell });

export const happeningFields = {
  id: text({ words: 'id', least: 1, most: 64, must: true }),
  on: date({ words: 'day', must: true }),
  kind: choice(['protocol-change', 'equipment', 'pest-or-disease', 'weather', 'mix-up', 'loss', 'other'], { words: 'kind', must: true }),
  arms: codes('arms'),
  units: codes('units'),
  note: text({ words: 'note', most: 2000 }),
};

/** Something that happened and was not in the plan. No arms and no units means that it touched all. */
export type Happening = RecordOf<typeof happeningFields>;
export type EventKind = Happening['kind'];
