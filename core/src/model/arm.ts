import { codesCell } from './cells';
import { hazardCodes } from './hazard';
import { blankOf, choice, code, list, maybe, namedBefore, number, text, words, type RecordOf } from './fields';

export const armFields = {
  code: namedBefore('arm', code({ words: 'code' })),
  name: text({ words: 'name', least: 1, most: 120, trim: true, must: true, says: { empty: 'Give this group a name.' } }),
  role: choice(['control', 'treatment', 'reference'], { words: 'role', blank: 'treatment', must: true }),
  dose: maybe(number({ words: 'dose' })),
  doseUnit: maybe(text({ words: 'unit of the dose' })),
  /** How sentences name it, where "with" and its name do not fit: "in still water", "turned by hand each day". Empty where they do. */
  phrase: text({ words: 'its words in a sentence', most: 120, optional: true, sparse: true }),
  /** How it stands in pictures and tables; empty where its dose or its name says it. */
  badge: text({ words: 'its badge', most: 4, trim: true, optional: true, sparse: true }),
  /** What can hurt someone at what this arm gets: its dose, its water, its powder. */
  hazards: list(choice(hazardCodes), {
    words: 'what can hurt someone',
    most: 20,
    each: true,
    optional: true,
    sparse: true,
    free: true,
    cell: codesCell,
  }),
  /** Level of each crossed factor, by factor name; empty outside factorial designs. */
  factors: words(5, { words: 'levels' }),
};

/** One condition that is compared. */
export type Arm = RecordOf<typeof armFields>;
export type Role = Arm['role'];
/** An arm of which nothing has been said yet. */
export const emptyArm: Arm = blankOf(armFields);
