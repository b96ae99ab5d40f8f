import { numberCell } from './cells';
import { choice, code, flag, maybe, moment, number, text, type RecordOf } from './fields';

export const observationFields = {
  id: text({ words: 'id', least: 1, most: 64, must: true }),
  unit: text({ words: 'unit', least: 1, most: 40, must: true }),
  plant: maybe(text({ words: 'plant', most: 40, optional: true })),
  measure: text({ words: 'measure', least: 1, most: 40, must: true }),
  /** ISO 8601 date or date-time. */
  observedOn: moment({ words: 'day', must: true }),
  value: number({ words: 'value', least: 0, most: 1e12, must: true, cell: numberCell, says: { least: 'A reading cannot be below 0.' } }),
  category: maybe(text({ words: 'category', most: 60, optional: true })),
  observer: maybe(text({ words: 'observer', most: 120, optional: true })),
  blinded: flag({ words: 'blinded', optional: true }),
  source: choice(['hand', 'import', 'instrument', 'photo'], { words: 'source', optional: true }),
  note: maybe(text({ words: 'note', most: 2000, optional: true })),
  replaces: maybe(code({ words: 'reading that it corrects', most: 64, trim: false, must: false, optional: true })),
};

/** One reading. Appended, never changed: a correction is a new observation that names the old one in `replaces`. */
export type Observation = RecordOf<typeof observationFields>;
