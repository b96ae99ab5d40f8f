import { choice, code, maybe, namedBefore, number, text, words, type RecordOf } from './fields';

export const armFields = {
  code: namedBefore('arm', code({ words: 'code' })),
  name: text({ words: 'name', least: 1, most: 120, trim: true, must: true, says: { empty: 'Give this arm a name.' } }),
  role: choice(['control', 'treatment', 'reference'], { words: 'role', blank: 'treatment', must: true }),
  dose: maybe(number({ words: 'dose' })),
  doseUnit: maybe(text({ words: 'unit of the dose' })),
  /** Level of each crossed factor, by factor name; empty outside factorial designs. */
  factors: words(5, { words: 'levels' }),
};

/** One condition that is compared. */
export type Arm = RecordOf<typeof armFields>;
export type Role = Arm['role'];
