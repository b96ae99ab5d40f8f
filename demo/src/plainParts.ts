import {
  blankOf,
  emptyArm,
  emptyThing,
  emptyWriting,
  measureFields,
  type Arm,
  type Experiment,
  type KitThing,
  type Measure,
} from '@fern/core';

/** Short makers for the data of the demo. */
export function demoArm(code: string, name: string, more: Partial<Arm> = {}): Arm {
  return { ...emptyArm, code, name, role: code === 'C' ? 'control' : 'treatment', ...more };
}

export function demoMeasure(more: Pick<Measure, 'code' | 'name' | 'kind' | 'readingDays'> & Partial<Measure>): Measure {
  return { ...blankOf(measureFields), ...more };
}

/** Things of which as much is got as is needed. */
export const demoThings = (...names: readonly string[]): KitThing[] => names.map((what) => ({ ...emptyThing, what }));

/** What an experiment of the demo has in common with the others. */
export const plainExperiment = {
  claim: null,
  claimedRatio: null,
  asked: [],
  endedOn: null,
  comparison: 'control',
  layout: 'completely-random',
  blinded: false,
  writing: emptyWriting,
} as const satisfies Partial<Experiment>;
