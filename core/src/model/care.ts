import { codes, revisable } from './entry';
import { choice, date, maybe, moment, number, text, type RecordOf } from './fields';

export const careFields = {
  id: text({ words: 'id', least: 1, most: 64, must: true }),
  on: date({ words: 'day', must: true }),
  /** What was given is given to each of them. */
  units: codes('units', { column: 'unit' }),
  /** What was given is given to the arm as a whole; where units are named it goes to those alone. */
  arms: codes('arms', { column: 'arm' }),
  kind: choice(['water', 'feed', 'other'], { words: 'kind', must: true }),
  amount: maybe(number({ words: 'amount', least: 0 })),
  amountUnit: maybe(text({ words: 'unit of the amount', most: 20 })),
  note: maybe(text({ words: 'note', most: 2000 })),
  /** The step of the plan that was done, by its name. */
  step: maybe(text({ words: 'step', optional: true, sparse: true })),
  /** When a step really began and ended; a step that has begun and not ended is running. */
  began: maybe(moment({ words: 'began', optional: true, sparse: true })),
  ended: maybe(moment({ words: 'ended', optional: true, sparse: true })),
  ...revisable,
};

/** Water, feed or other care, or a step that was done. No units and no arms means each unit. Mended by another entry, and kept. */
export type Care = RecordOf<typeof careFields>;
