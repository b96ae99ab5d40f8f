import { describe, expect, it } from 'vitest';
import { emptyArm, emptyPlan, emptyWriting, layOut, type Experiment, itemAt } from '@fern/core';
import { changeSchema } from './change';
import { experimentSchema } from './experiment';
import { fieldErrors } from './messages';

const arms: Experiment['arms'] = [
  { ...emptyArm, code: 'C', name: 'Tap water', role: 'control' },
  { ...emptyArm, code: 'T', name: 'Salt' },
];
const good: Experiment = {
  name: 'salt',
  title: 'Salt',
  created: '2026-04-01',
  question: 'Does it?',
  claim: null,
  hypothesis: 'Yes',
  nullHypothesis: 'No',
  claimedRatio: null,
  asked: [],
  startedOn: '2026-04-01',
  endedOn: null,
  comparison: 'control',
  layout: 'completely-random',
  blinded: false,
  plan: emptyPlan,
  writing: emptyWriting,
  arms,
  units: layOut({ arms, unitsPerArm: 4, letter: 'D', sown: 25, layout: 'completely-random', blocks: 1, columns: 4, light: 'none' }, 1)
    .units,
  measures: [
    {
      code: 'sprouts',
      name: 'Sprouts',
      kind: 'count',
      unit: '',
      derived: null,
      category: null,
      categories: [],
      by: 'unit',
      none: '',
      higherIs: 'worse',
      expected: null,
      primary: true,
      smallestDifference: 10,
      when: 'final',
      rubric: [],
      readingDays: [3, 5],
    },
  ],
};
const wrong = (change: Partial<Experiment>) => {
  const { error } = experimentSchema.validate({ ...good, ...change }, { abortEarly: false });
  return error ? fieldErrors(error)[0] : null;
};

describe('experimentSchema', () => {
  it('takes a good experiment unchanged', () => {
    expect(experimentSchema.validate(good).value).toEqual(good);
  });

  it.each<[string, Partial<Experiment>, string, RegExp]>([
    ['no arm', { arms: [] }, '/arms', /no groups/],
    ['no control', { arms: [{ ...itemAt(arms, 1) }] }, '/arms', /no control group/],
    ['two controls', { arms: [itemAt(arms, 0), { ...itemAt(arms, 1), role: 'control' }] }, '/arms/1/role', /two controls/],
    ['0 units', { units: [] }, '/units', /0 units/],
    [
      '401 units',
      { units: Array.from({ length: 401 }, (_, i) => ({ ...itemAt(good.units, 0), code: `D${i}` })) },
      '/units',
      /more than 400/,
    ],
    ['a unit of no arm', { units: [{ ...itemAt(good.units, 0), arm: 'X' }] }, '/units/0/arm', /does not exist/],
    ['a unit code twice', { units: [itemAt(good.units, 0), itemAt(good.units, 0)] }, '/units/1', /twice/],
    ['no measure that decides', { measures: [{ ...itemAt(good.measures, 0), primary: false }] }, '/measures', /No measure decides/],
    ['an end before the start', { endedOn: '2026-03-01' }, '/endedOn', /before the start/],
    ['a date that does not exist', { startedOn: '2026-02-30' }, '/startedOn', /not a date/],
    ['text for a number', { claimedRatio: '4' as unknown as number }, '/claimedRatio', /number/],
  ])('refuses %s and names the place', (_, change, pointer, detail) => {
    expect(wrong(change)).toMatchObject({ pointer, detail: expect.stringMatching(detail) });
  });

  it('names the place inside a change too', () => {
    const { error } = changeSchema.validate({
      version: 1,
      experiment: { ...good, arms: [itemAt(arms, 0), { ...itemAt(arms, 1), role: 'control' }] },
    });
    expect(error && itemAt(fieldErrors(error), 0).pointer).toBe('/experiment/arms/1/role');
  });
});
