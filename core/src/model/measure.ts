import { codesCell, momentsCell, stepsCell } from './cells';
import { choice, code, flag, list, maybe, namedBefore, number, record, text, type Field, type RecordOf } from './fields';

/** Which value of a unit is compared: `day N` is the reading of that day. */
export type When = 'final' | 'total' | 'area' | `day ${number}`;

const when = text({
  words: 'which value counts',
  most: 8,
  blank: 'final',
  pattern: /^(final|total|area|day \d{1,4})$/,
  cell: {
    pattern: /^(final|total|area|day \d+)$/,
    expected: 'final, total, area or "day N"',
    write: (value: When) => value,
    read: (cell) => cell,
  },
}) as Field<When>;

const stepFields = {
  value: number({ whole: true }),
  words: text({ most: 200, pattern: /^[^;]+$/ }),
};

/** A step of a rating, described in words. */
export type RubricStep = RecordOf<typeof stepFields>;

export const measureFields = {
  code: namedBefore('measure', code({ words: 'code', pattern: /^\S+$/ })),
  name: text({ words: 'name', least: 1, most: 120, trim: true, must: true, says: { empty: 'Give this measure a name.' } }),
  /** What sort of reading it is; `kinds/` says what follows from it. */
  kind: choice(['count', 'amount', 'rating', 'event', 'harvest', 'derived'], { words: 'kind', blank: 'amount', must: true }),
  unit: text({ words: 'unit' }),
  /** For `derived`: the formula over other measures of the same unit and day, as `pi/6*height*width^2`. */
  derived: maybe(text({ words: 'formula', optional: true, sparse: true })),
  /** For `count`: the category that counts as success; null means the count itself. */
  category: maybe(text({ words: 'category' })),
  /** Categories that are counted in one go, the sum of which is what was sown; empty where one count is made. */
  categories: list(text({ least: 1, most: 60, pattern: /^\S+$/ }), {
    words: 'categories',
    most: 12,
    each: true,
    cell: codesCell,
    optional: true,
    sparse: true,
  }),
  /** Whether a unit is measured as a whole; or each plant of it, of which the mean is its value; or what units share, as a tank, once for all. */
  by: choice(['unit', 'plant', 'container'], { words: 'what is measured one by one', optional: true, sparse: true }),
  /** What is good: more of it, less of it, or neither. */
  higherIs: choice(['better', 'worse', 'neither'], { words: 'which way is good' }),
  /** What the hypothesis says; null where that is what is good. */
  expected: maybe(choice(['more', 'less', 'different', 'alike'], { words: 'which way is expected', optional: true, sparse: true })),
  primary: flag({ words: 'whether it decides', must: true }),
  /** What is said where nothing is there to be read: "no flower yet". Empty for the usual words. */
  none: text({ words: 'its words for none', most: 40, optional: true, sparse: true }),
  /** In the measure's own unit; percentage points for a count of the sown, days for an event. */
  smallestDifference: maybe(number({ words: 'smallest difference that matters', least: 0 })),
  when,
  /** Described steps of a rating, from lowest to highest; empty for other kinds. */
  rubric: list(record(stepFields), { words: 'steps', most: 20, cell: stepsCell }),
  /** Days after the start on which it is read; a moment under a day is a part of one. */
  readingDays: list(number({ least: 0, most: 3650 }), { words: 'reading days', most: 400, each: true, cell: momentsCell }),
};

/** What is recorded; exactly one of an experiment is primary and carries the verdict. */
export type Measure = RecordOf<typeof measureFields>;
export type MeasureKind = Measure['kind'];
/**
 * What is said where nothing is there to be read.
 * @returns its own words, or the usual ones
 */
export const noneWords = ({ none }: Pick<Measure, 'none'>): string => none || 'nothing there';

export type Expected = NonNullable<Measure['expected']>;

/**
 * Which way the hypothesis expects a measure to go. What is expected need not be what is good: salt is expected to stop seeds.
 * @returns its own word; where it has none, the way that is good
 */
export function expectedOf({ expected, higherIs }: Pick<Measure, 'expected' | 'higherIs'>): Expected {
  return expected ?? ({ better: 'more', worse: 'less', neither: 'different' } as const)[higherIs];
}
