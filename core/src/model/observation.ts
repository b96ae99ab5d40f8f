import { momentCell, numberCell } from './cells';
import { choice, code, flag, maybe, moment, number, text, type RecordOf } from './fields';

/** A larger value is no reading. */
export const MOST_VALUE = 1e12;
export const TOO_LARGE = 'That number is too large to be a reading.';

export const observationFields = {
  id: text({ words: 'id', least: 1, most: 64, must: true }),
  unit: text({ words: 'unit', least: 1, most: 40, must: true }),
  plant: maybe(text({ words: 'plant', most: 40, optional: true })),
  measure: text({ words: 'measure', least: 1, most: 40, must: true }),
  /** ISO 8601 date or date-time. */
  observedOn: moment({ words: 'day', must: true }),
  /** The walk that it was taken for, in days after the unit's start, a moment under a day as a part of one; null for an extra reading. */
  plannedDay: maybe(number({ words: 'walk', least: 0, most: 3650, optional: true, cell: momentCell })),
  /** Time of day, HH:MM, where it matters. */
  moment: maybe(text({ words: 'time of day', most: 5, pattern: /^([01]\d|2[0-3]):[0-5]\d$/, optional: true, sparse: true })),
  /** Null where nothing could be read; `absent` then says why. */
  value: maybe(number({ words: 'value', least: -MOST_VALUE, most: MOST_VALUE, cell: numberCell, says: { most: TOO_LARGE } })),
  absent: maybe(choice(['not-read', 'nothing-there'], { words: 'why there is no value', optional: true, sparse: true })),
  category: maybe(text({ words: 'category', most: 60, optional: true })),
  observer: maybe(text({ words: 'observer', most: 120, optional: true })),
  blinded: flag({ words: 'blinded', optional: true }),
  source: choice(['hand', 'import', 'instrument', 'photo'], { words: 'source', optional: true }),
  note: maybe(text({ words: 'note', most: 2000, optional: true })),
  replaces: maybe(code({ words: 'reading that it corrects', most: 64, trim: false, must: false, optional: true })),
};

/**
 * One reading. Appended, never changed: a correction is a new observation that names the old one in `replaces`, with the day and the walk of
 * what it corrects.
 */
export type Observation = RecordOf<typeof observationFields>;

/** A reading that has a value. */
export type Valued = Observation & { readonly value: number };

/**
 * Whether something was there to be read, and was.
 * @param seen any reading
 * @returns whether it has a value
 */
export const isValued = (seen: Observation): seen is Valued => seen.value !== null;
