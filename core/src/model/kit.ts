import { blankOf, choice, code, flag, list, maybe, number, record, text, type RecordOf } from './fields';

const partFields = {
  name: text({ most: 80 }),
  parts: number({ above: 0, most: 1000, blank: 1 }),
};
/** A part of the mix. */
export type MixPart = RecordOf<typeof partFields>;

const additionFields = {
  name: text({ most: 80 }),
  arms: list(code(), { most: 40 }),
  /** Per cent of the mix; null for the dose of each arm. */
  share: maybe(number({ least: 0, most: 100 })),
};
/** What is blended into the mix of some arms, as a share of the mix. */
export type Addition = RecordOf<typeof additionFields>;

const solutionFields = {
  name: text({ most: 80 }),
  arms: list(code(), { most: 40 }),
  /** mL to each unit at a time. */
  each: number({ least: 0, most: 1e6, blank: 50 }),
  times: number({ whole: true, least: 1, most: 1000, blank: 1 }),
  /** How often a week, until the last reading; null for `times` in all. */
  aWeek: maybe(number({ above: 0, most: 70, optional: true })),
  /** Given on each day of the steps that its arms go through; then `times` and `aWeek` say nothing. */
  onSteps: flag({ optional: true }),
  made: choice(['ready', 'ratio', 'grams']),
  /** Of a stock, as `1:500` or `1+500`. */
  ratio: text({ most: 20 }),
  /** g in a litre; null for the dose of each arm. */
  grams: maybe(number({ least: 0, most: 1e6 })),
};
/** What some arms are watered, sprayed or soaked with. */
export type Solution = RecordOf<typeof solutionFields>;
/** A solution of which nothing has been said yet. */
export const emptySolution: Solution = blankOf(solutionFields);

const thingFields = {
  what: text({ most: 120 }),
  /** Arms that need it; empty for all. */
  arms: list(code(), { most: 40 }),
  /** How many, or how much of it; null where it is not counted, as of a kettle. */
  each: maybe(number({ above: 0, most: 1e6 })),
  per: choice(['unit', 'block', 'group', 'all'], { blank: 'all' }),
  unit: choice(['', 'g', 'mL']),
};
/** Anything else that is got for it: so many to each unit, block or arm, or in all. */
export type KitThing = RecordOf<typeof thingFields>;
/** A thing of which nothing has been said yet. */
export const emptyThing: KitThing = blankOf(thingFields);

const priceFields = { item: text({ most: 120 }), price: number({ least: 0, most: 1e6 }) };

/** What the kit needs to know beyond arms, units and seeds. What is null or empty follows from the plan. */
export const kitFields = {
  /** Per cent more than is needed. */
  spare: number({ words: 'spare', least: 0, most: 300, blank: 10 }),
  /** Per cent of what is put in that sprouts or roots, and of these that live on. */
  sprout: maybe(number({ words: 'how many sprout', above: 0, most: 100, optional: true })),
  survive: maybe(number({ words: 'how many live on', above: 0, most: 100, optional: true })),
  /** g that a thousand seeds weigh. */
  thousand: maybe(number({ words: 'what a thousand weigh', above: 0, most: 1e6, optional: true })),
  /** Where what is put in comes from: "of one packet". */
  lot: text({ words: 'where it comes from', most: 80, optional: true }),
  /** What the units are like as things: "of 11 cm", "with lids". */
  containers: text({ words: 'what they stand in', most: 80, optional: true }),
  /** How many there are where they are used again, batch after batch; null for one to each unit. */
  containerCount: maybe(number({ words: 'how many they stand in', whole: true, least: 1, most: 400, optional: true })),
  medium: text({ words: 'the mix', most: 80, optional: true }),
  mediumEach: maybe(number({ words: 'mix in each', least: 0, most: 1e7, optional: true })),
  mediumBy: choice(['mL', 'g'], { words: 'how the mix is measured', optional: true }),
  parts: list(record(partFields), { words: 'its parts', most: 12, optional: true }),
  /** mL of water for a mL or a g of it; null where it is not wetted first. */
  wetting: maybe(number({ words: 'water to wet it', least: 0, most: 30, optional: true })),
  additions: list(record(additionFields), { words: 'what is blended in', most: 20, optional: true }),
  solutions: list(record(solutionFields), { words: 'solutions', most: 20, optional: true }),
  things: list(record(thingFields), { words: 'things', most: 60, optional: true }),
  /** The list as it read when the plan was locked; empty before. */
  atStart: list(text({ most: 400 }), { words: 'the kit at the start', most: 300, optional: true }),
  /** Price of one, of a litre or of a kilogram. */
  prices: list(record(priceFields), { words: 'prices', most: 100, optional: true }),
  /** Items that are there. */
  ticked: list(text({ most: 400 }), { words: 'what is there', most: 300, optional: true }),
};
export type KitNeeds = RecordOf<typeof kitFields>;
