import {
  blankOf,
  emptyArm,
  emptySolution,
  emptyThing,
  measureFields,
  stageFields,
  type Addition,
  type Arm,
  type KeptSame,
  type KitThing,
  type Measure,
  type RubricStep,
  type Solution,
  type Stage,
} from '../model';
import type { Process } from '../model/Truth';
import type { QuestionMeasure, ReadyQuestion } from './ReadyQuestion';

/** Short makers for the data of ready-made questions. */
export function control(name: string, more: Partial<Arm> = {}): Arm {
  return { ...emptyArm, code: 'C', name, role: 'control', ...more };
}

export function treatment(arm: string, name: string, more: Partial<Arm> = {}): Arm {
  return { ...emptyArm, code: arm, name, role: 'treatment', ...more };
}

export function reference(arm: string, name: string, more: Partial<Arm> = {}): Arm {
  return { ...emptyArm, code: arm, name, role: 'reference', ...more };
}

type MeasureWords = Pick<Measure, 'code' | 'name' | 'readingDays'> & Partial<Measure> & { readonly usual: Process };

const plain = blankOf(measureFields);

export function count(words: MeasureWords): QuestionMeasure {
  return { ...plain, kind: 'count', ...words };
}

export function amount(unit: string, words: MeasureWords): QuestionMeasure {
  return { ...plain, kind: 'amount', unit, ...words };
}

export function rating(rubric: readonly RubricStep[], words: MeasureWords): QuestionMeasure {
  return { ...plain, kind: 'rating', rubric, ...words };
}

export function event(words: MeasureWords): QuestionMeasure {
  return { ...plain, kind: 'event', unit: 'd', higherIs: 'worse', ...words };
}

export function harvest(unit: string, words: MeasureWords): QuestionMeasure {
  return { ...plain, kind: 'harvest', unit, when: 'total', ...words };
}

export function stage(words: Pick<Stage, 'name' | 'kind'> & Partial<Stage>): Stage {
  return { ...blankOf(stageFields), hazards: [], ...words };
}

const kitThing = (what: string, more: Partial<KitThing> = {}): KitThing => ({ ...emptyThing, what, ...more });

/** Things of which as much is got as is needed: a balance, a clean blade. */
export const things = (...names: readonly string[]): KitThing[] => names.map((what) => kitThing(what));

/** A thing that only these groups need. */
export const thingOf = (arms: readonly string[], what: string): KitThing => kitThing(what, { arms });

/** One to each unit, of all groups or of these. */
export const oneEach = (what: string, arms: readonly string[] = []): KitThing => kitThing(what, { arms, each: 1, per: 'unit' });

/** One to each block, or to each group. */
export const onePer = (per: 'block' | 'group', what: string): KitThing => kitThing(what, { each: 1, per });

/** So many g of it into each unit of these groups. */
export const gramsEach = (each: number, what: string, arms: readonly string[]): KitThing =>
  kitThing(what, { arms, each, per: 'unit', unit: 'g' });

/** What groups are watered, sprayed or soaked with: so many mL to each unit, so many times. */
export const poured = (
  name: string,
  arms: readonly string[],
  each: number,
  often: number | 'once' | 'on its steps',
  more: Partial<Solution> = {},
): Solution => ({
  ...emptySolution,
  name,
  arms,
  each,
  ...(typeof often === 'number' ? { aWeek: often } : { onSteps: often === 'on its steps' }),
  ...more,
});

/** What is blended into the mix of these groups; null for the dose of each. */
export const blended = (name: string, arms: readonly string[], share: number | null): Addition => ({ name, arms, share });

export function keptSame(...pairs: readonly (readonly [what: string, how: string])[]): KeptSame[] {
  return pairs.map(([what, how]) => ({ what, how }));
}

export function derived(unit: string, formula: string, words: Omit<MeasureWords, 'usual'>): QuestionMeasure {
  return { ...plain, kind: 'derived', unit, derived: formula, ...words, usual: null };
}

const person = ['the person who records', 'the same, or each records some of every group'] as const;

/** What experiments keep the same by where they stand, with the usual how (common practice). */
const usually = {
  pots: [
    ['seed lot and age', 'one packet, mixed'],
    ['container and volume', 'the same {units}, filled to the same line'],
    ['mix', 'one bag, blended {unit} by {unit}'],
    ['sowing depth', 'the same stick with a mark'],
    ['sowing day', 'all on day 0'],
    ['water', 'the same amount to each, at the same time'],
    ['light', 'the same hours and distance'],
    ['temperature', 'one room, away from the heater'],
    ['place on the bench', 'shuffled'],
    person,
  ],
  dishes: [
    ['seed lot and age', 'one packet, mixed'],
    ['paper', 'the same kind and number of sheets'],
    ['amount of liquid', 'the same to each, by syringe'],
    ['sowing day', 'all on day 0'],
    ['lid', 'closed but for reading'],
    ['temperature', 'one room, away from the heater'],
    ['light', 'all in the same'],
    ['place on the shelf', 'shuffled'],
    person,
  ],
  tanks: [
    ['young plants', 'of one sowing, of one size'],
    ['litres', 'the same line on every {unit}'],
    ['feed', 'the same ppm in every {unit}'],
    ['water temperature', 'measured each week'],
    ['light', 'the same hours and distance'],
    ['place on the bench', 'shuffled'],
    person,
  ],
  outdoors: [
    ['young plants', 'of one sowing, of one size'],
    ['planting day', 'all on day 0'],
    ['soil', 'dug in the same way, stones out'],
    ['water', 'the same to each, litres logged'],
    ['weeding', 'all on one day'],
    ['sun and slope', 'as pairs or blocks along the bed'],
    person,
  ],
} as const;

/**
 * What is usually kept the same in a place.
 * @param place where the units stand
 * @param varied conditions that are what is tested, or are kept otherwise
 * @returns conditions with their how
 */
export function keptIn(place: keyof typeof usually, ...varied: readonly string[]): KeptSame[] {
  return keptSame(...usually[place].filter(([what]) => !varied.includes(what)));
}

/** What most questions leave as it is. */
export const plainQuestion = {
  layout: 'completely-random',
  blocks: 1,
  blockNames: [],
  light: 'lamp',
  propagule: 'seeds',
  place: 'bench',
  stages: [],
  hazards: [],
  cautions: [],
  commonMistakes: [],
  notTested: [],
  controlLimits: [],
  expectedSurvival: null,
  plantsKept: null,
  thinningRule: '',
  endRule: '',
  onPurpose: [],
  spilloverRoutes: [],
  usualTruth: {},
  decision: '',
  batches: null,
  blind: false,
  unsure: '',
  agesFrom: 9,
  mostly: ['supported'],
  kept: keptIn('pots'),
  kit: {},
} as const satisfies Partial<ReadyQuestion>;
