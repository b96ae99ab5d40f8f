import { blankOf, measureFields, stageFields, type Arm, type Kept, type Measure, type RubricStep, type Stage } from '../model';
import type { Process } from '../model/Truth';
import type { QuestionMeasure, ReadyQuestion } from './ReadyQuestion';

/** Short makers for the data of ready-made questions. */
export function control(name: string, more: Partial<Arm> = {}): Arm {
  return { arm: 'C', name, role: 'control', dose: null, doseUnit: null, factors: {}, ...more };
}

export function treatment(arm: string, name: string, more: Partial<Arm> = {}): Arm {
  return { arm, name, role: 'treatment', dose: null, doseUnit: null, factors: {}, ...more };
}

export function reference(arm: string, name: string): Arm {
  return { arm, name, role: 'reference', dose: null, doseUnit: null, factors: {} };
}

type MeasureWords = Pick<Measure, 'measure' | 'name' | 'readingDays'> & Partial<Measure> & { readonly usual: Process };

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
  return { ...blankOf(stageFields), ...words };
}

export function kept(...pairs: readonly (readonly [what: string, how: string])[]): Kept[] {
  return pairs.map(([what, how]) => ({ what, how }));
}

/** What nearly every plant experiment keeps the same, with the usual how. */
export const usuallyKept = kept(
  ['seed lot and age', 'one packet, mixed'],
  ['container and volume', 'the same pots, filled to the same line'],
  ['mix', 'one batch, blended once'],
  ['sowing depth', 'the same stick with a mark'],
  ['sowing day', 'all on day 0'],
  ['water', 'the same amount to each, at the same time'],
  ['light', 'the same hours and distance'],
  ['temperature', 'one room, away from the heater'],
  ['place on the bench', 'shuffled'],
  ['the person who reads', 'the same, or each reads some of every arm'],
);

/** What most questions leave as it is. */
export const plainQuestion = {
  layout: 'completely-random',
  blocks: 1,
  light: 'lamp',
  putIn: 'seeds',
  place: 'bench',
  stages: [],
  cautions: [],
  troubles: [],
  notTested: [],
  controlBars: [],
  expectedSurvival: null,
  plantsKept: null,
  thinningRule: '',
  canReach: [],
  usualTruth: {},
  decision: '',
  kept: usuallyKept,
} as const satisfies Partial<ReadyQuestion>;
