import { wholeCell } from './cells';
import { choice, code, date, maybe, namedBefore, number, text, type RecordOf } from './fields';

export const unitFields = {
  code: namedBefore('unit', code({ words: 'code' })),
  arm: code({ words: 'arm' }),
  block: maybe(text({ words: 'block' })),
  /** Units that share a reservoir, tray or lamp share this name. */
  container: maybe(text({ words: 'what it shares' })),
  row: maybe(number({ words: 'row', whole: true, least: 1, most: 400, cell: wholeCell })),
  column: maybe(number({ words: 'place in the row', whole: true, least: 1, most: 400, cell: wholeCell })),
  /** Seeds or cuttings put in. */
  sown: maybe(number({ words: 'number sown', whole: true, least: 0, most: 1_000_000 })),
  /** Seed lot or mother plant. */
  lot: maybe(text({ words: 'seed lot' })),
  startedOn: maybe(date({ words: 'own start' })),
  status: choice(['active', 'lost', 'excluded', 'ended'], { words: 'status', free: true }),
  statusReason: maybe(text({ words: 'reason of its status', free: true })),
  /** The day on which it was lost, or since which it does not count. */
  lostOn: maybe(date({ words: 'day of its loss', free: true, optional: true, sparse: true })),
  /** The group of the class that looks after it. */
  group: maybe(text({ words: 'group', free: true, most: 60, optional: true, sparse: true })),
};

/** The experimental unit: the smallest thing to which an arm was given separately. Only units are replicates. */
export type Unit = RecordOf<typeof unitFields>;
