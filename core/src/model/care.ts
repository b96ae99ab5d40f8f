import { codesCell } from './cells';
import { choice, code, date, flag, list, maybe, number, text, type RecordOf } from './fields';

const codes = (of: string, column: string) => list(text({ most: 40, least: 1 }), { words: of, most: 400, cell: codesCell, column });

export const careFields = {
  id: text({ words: 'id', least: 1, most: 64, must: true }),
  on: date({ words: 'day', must: true }),
  /** What was given is given to each of them. */
  units: codes('units', 'unit'),
  /** What was given is given to the arm as a whole; where units are named it goes to those alone. */
  arms: codes('arms', 'arm'),
  kind: choice(['water', 'feed', 'other'], { words: 'kind', must: true }),
  amount: maybe(number({ words: 'amount', least: 0 })),
  amountUnit: maybe(text({ words: 'unit of the amount', most: 20 })),
  note: maybe(text({ words: 'note', most: 2000 })),
  /** The step of the plan that was done, by its name. */
  step: maybe(text({ words: 'step', optional: true, sparse: true })),
  /** The entry that this one mends or withdraws. */
  replaces: maybe(code({ words: 'entry that it mends', most: 64, trim: false, must: false, optional: true, sparse: true })),
  /** It was written down in error: what it mends was not given. */
  withdrawn: flag({ words: 'withdrawn', optional: true, sparse: true }),
};

/** Water, feed or other care, or a step that was done. No units and no arms means each unit. Mended by another entry, and kept. */
export type Care = RecordOf<typeof careFields>;
