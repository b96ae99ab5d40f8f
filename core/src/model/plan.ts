import { hazardCodes } from './hazard';
import { kitFields } from './kit';
import { sealFields } from './seal';
import { clockField, timingFields } from './timing';
import { blankOf, choice, code, date, flag, list, longText, maybe, namedBefore, number, record, text, type RecordOf } from './fields';

const lines = (words: string, free = false) => list(text({ most: 1000 }), { words, free });

const keptFields = { what: text(), how: text() };
/** A condition that is kept the same in every arm, and how. */
export type KeptSame = RecordOf<typeof keptFields>;

export const stageFields = {
  name: text(),
  kind: choice(['soak', 'spray', 'open', 'handle', 'heat', 'cold', 'move', 'other'], { blank: 'other' }),
  arms: list(code(), { most: 40 }),
  hours: maybe(number()),
  /** Where it may last longer than its hours: at most so many. */
  hoursMost: maybe(number({ words: 'hours at most', least: 0, optional: true })),
  /** How many hours it may wait before it begins, once the step before is done; null for none. */
  mayWait: maybe(number({ words: 'hours it may wait', least: 0, optional: true })),
  /** Time of day at which it begins on its days; empty for that of the sowing. */
  at: clockField('time of day'),
  /** Days after the start, one after another where it comes back: fed on 14, 28 and 42. Empty where it comes before the start. */
  days: list(number({ least: 0, most: 3650 }), { words: 'days', most: 100, each: true, optional: true }),
  /** What can hurt someone at it; null where nobody has said. */
  hazards: maybe(list(choice(hazardCodes), { most: 20, each: true }), { words: 'what can hurt someone', optional: true }),
  /** This is what is tested. Anything else that a treatment goes through, the control must go through as well. */
  tested: flag(),
};
/** Something done to the seeds or plants of some arms: a soak, a spray, a move. */
export type Stage = RecordOf<typeof stageFields>;
export type StageKind = Stage['kind'];

const controlLimitFields = {
  measure: text(),
  /** The arm that must reach it; null for the control. */
  arm: maybe(code({ optional: true })),
  least: maybe(number()),
  most: maybe(number()),
};
/** What an arm, mostly the control, must reach for the result to mean anything: at least or at most so much of a measure (counts in per cent). */
export type ControlLimit = RecordOf<typeof controlLimitFields>;

export const shelfFields = {
  name: text(),
  kind: choice(['shelf', 'sill', 'bed', 'ground', 'tank', 'refrigerator', 'box'], { words: 'kind', optional: true }),
  rows: number({ whole: true, least: 1, most: 400, blank: 1 }),
  columns: number({ whole: true, least: 1, most: 400, blank: 1 }),
  /** Where its light comes from. */
  light: choice(['lamp', 'window', 'outdoors', 'none'], { blank: 'none' }),
};
/** A shelf or tray of places; units stand at (row, column), rows counted on from shelf to shelf. */
export type Shelf = RecordOf<typeof shelfFields>;

const barrierFields = { row: number({ whole: true }), column: number({ whole: true }) };
/** A barrier between the place (row, column) and the one to its right. */
export type Barrier = RecordOf<typeof barrierFields>;

const predictionFields = {
  person: text({ least: 1 }),
  expects: text({ least: 1 }),
  reason: text(),
  on: date(),
  /** Which way the deciding measure is said to go in the first treatment. */
  way: maybe(choice(['more', 'less', 'same'], { words: 'which way', optional: true })),
  /** By how much, in the unit of a difference of that measure. */
  by: maybe(number({ words: 'by how much', least: 0, optional: true })),
  /** The arms from the highest to the lowest; empty where none is said. */
  ranking: list(code(), { words: 'the order of the groups', most: 40, optional: true }),
};
/** What someone expects, and why, written before the first observation. */
export type Prediction = RecordOf<typeof predictionFields>;
/** A prediction of which nothing has been said yet. */
export const emptyPrediction: Prediction = blankOf(predictionFields);

const changeFields = { what: text({ most: 1000 }), before: longText(), after: longText() };
/** One field of the plan that was changed after the start: what it was, and what it became. */
export type FieldChange = RecordOf<typeof changeFields>;

const amendmentFields = {
  on: date(),
  what: text({ least: 1 }),
  reason: text({ least: 1 }),
  /** What exactly was changed, worked out from the plan before and after. */
  changes: list(record(changeFields), { most: 2000, optional: true }),
};
/** A change of the plan after the start. */
export type Amendment = RecordOf<typeof amendmentFields>;

const templateFields = {
  question: longText(),
  /** When it ends; empty for the last day on which anything is read. */
  endRule: longText({ optional: true }),
  steps: list(longText()),
  commonMistakes: list(longText()),
  notTested: list(longText()),
  /** How each thing is kept the same. */
  kept: list(longText()),
};
/** The texts of a first plan with gaps that the plan fills: "Lay {sown} {putIn} in each {unit}." They follow it until somebody words them. */
export type Templates = RecordOf<typeof templateFields>;

/** Texts that are written from the plan until somebody words them. */
export const unwordedTexts = ['question', 'hypothesis', 'nullHypothesis', 'countsAsYes', 'endRule'] as const;
export type UnwordedText = (typeof unwordedTexts)[number];

export const onPurposeCodes = ['seed', 'start', 'water', 'feed'] as const;
export type OnPurpose = (typeof onPurposeCodes)[number];

/** Ways in which a treatment can reach a plant. */
export const worksByCodes = ['ground', 'sky', 'air', 'sound', 'nearness'] as const;
export type WorksBy = (typeof worksByCodes)[number];

export const planFields = {
  /** The plant in the grower's words: "radish". */
  plant: text({ words: 'the plant' }),
  /** Code in the table of crops; empty where it has none, or nobody has said. */
  crop: text({ words: 'the crop', most: 40, optional: true }),
  /** What is changed on purpose: "salt in the water". */
  changed: text({ words: 'what is changed on purpose' }),
  /** What one unit is called: "dish", "pot". */
  unitNoun: namedBefore('unitWord', text({ words: 'the word for a unit', least: 1, most: 40, trim: true, blank: 'unit' })),
  /** What is put into a unit: "seeds", "cuttings", "plants". */
  propagule: namedBefore('putIn', text({ words: 'what is put in', least: 1, most: 40, trim: true, blank: 'seeds', optional: true })),
  place: choice(['bench', 'sill', 'bed', 'ground', 'water culture', 'refrigerator'], { words: 'where they stand', optional: true }),
  kept: list(record(keptFields), { words: 'what is kept the same', most: 100 }),
  /** What else differs between the arms, and is not what is tested: "three litres against four". */
  differences: list(text({ most: 1000 }), { words: 'what else differs', most: 40, optional: true }),
  /** What differs on purpose between the arms: seed lots, start days, water, feed. Of these the checks ask nothing. */
  onPurpose: list(choice(onPurposeCodes), { words: 'what differs on purpose', most: 4, each: true, optional: true }),
  /** What units share, in the singular: "tank" of "tank C.2". */
  containerNoun: text({ words: 'the word for what they share', most: 40, trim: true, optional: true }),
  materials: lines('the kit', true),
  steps: lines('the steps', true),
  seal: record(sealFields, { words: 'the sealed key', free: true, optional: true }),
  kit: record(kitFields, { words: 'what the kit is worked out from', free: true, optional: true }),
  timing: record(timingFields, { words: 'the times of the steps', free: true, optional: true }),
  /** What can hurt someone beyond what steps, place, lamps and seed bring with them. */
  hazards: list(choice(hazardCodes), { words: 'what can hurt someone', most: 20, each: true, free: true, optional: true }),
  /** In the person’s words; at the start those that follow from the plan are written here, too. */
  cautions: lines('the cautions', true),
  /** Places that cannot be shuffled: a bed cut in half, two sides of a board. */
  fixedPlaces: flag({ words: 'whether places are fixed', optional: true }),
  /** When the experiment ends; without it no one knows when to stop counting. */
  endRule: longText({ words: 'the end rule' }),
  /** Seed of the shuffle that placed the units; null before the first shuffle. */
  randomisationSeed: namedBefore('shuffleSeed', maybe(number({ words: 'the shuffle number', whole: true }))),
  bench: list(record(shelfFields), { words: 'the bench', most: 100 }),
  /** The day on which the plan was frozen; null while it is a draft. */
  lockedOn: namedBefore('frozenOn', maybe(date({ words: 'the day of the start', free: true }))),
  amendments: list(record(amendmentFields), { words: 'the amendments', most: 500, free: true }),
  predictions: list(record(predictionFields), { words: 'the predictions', free: true }),
  stages: list(record(stageFields), { words: 'what is done to them', most: 100 }),
  /** First guess of the SD between units of one arm: a share of the control's mean, or share points for a count of the sown. */
  spreadGuess: maybe(number({ words: 'the guess of the spread', least: 0 })),
  /** First guess of the control's value in the primary measure: a share for a count of the sown, else in its own unit. */
  controlGuess: maybe(number({ words: 'the guess of the control' })),
  controlLimits: namedBefore('controlBars', list(record(controlLimitFields), { words: 'what the control must reach', most: 20 })),
  /** Share of units expected to be there at the end, 0 to 1. */
  expectedSurvival: maybe(number({ words: 'the losses expected', least: 0, most: 1 })),
  /** Plants kept in a unit after thinning; null where none are removed. */
  plantsKept: maybe(number({ words: 'how many plants are kept', whole: true, least: 1 })),
  thinningRule: text({ words: 'which plants are kept' }),
  /** What could travel from a unit to its neighbour: "drips", "roots", "vapour", "light". */
  spilloverRoutes: namedBefore('canReach', lines('what could reach a neighbour')),
  barriers: list(record(barrierFields), { words: 'the barriers', most: 400 }),
  /** Conditions that experiments of this kind usually keep the same. */
  usuallyKept: lines('what is usually kept the same'),
  /** Who makes the claim, and where: "a neighbour", "the back of a packet". */
  claimSource: text({ words: 'who says so', most: 200, optional: true }),
  /** How it is said to work. */
  claimedMechanism: namedBefore('saidToWork', longText({ words: 'how it is said to work', optional: true })),
  /** Through what it is said to work. */
  worksBy: list(choice(worksByCodes), { words: 'through what it works', most: 5, each: true, optional: true }),
  /** What would count as a yes, written before the data. */
  countsAsYes: longText({ words: 'what would count as a yes', optional: true }),
  /** Texts that nobody has worded: they are written from the plan, and follow it until the start. */
  unworded: list(choice(unwordedTexts), { words: 'texts that nobody has worded', most: 5, each: true, optional: true }),
  /** What the claim also promises and this experiment does not test. */
  notTested: lines('what is not tested', true),
  /** What often goes wrong in experiments of this kind. */
  commonMistakes: namedBefore('troubles', lines('what often goes wrong', true)),
  /** What one does with each outcome, where the verdict alone does not say it. */
  decision: longText({ words: 'what each outcome decides' }),
  /** Null where every text is a person's. */
  templates: maybe(record(templateFields), { words: 'the first texts', free: true, optional: true }),
};

/** What the plan says beyond the arms, units and measures themselves. */
export type Plan = RecordOf<typeof planFields>;

/** A plan of which nothing has been said yet. */
export const emptyPlan: Plan = blankOf(planFields);
