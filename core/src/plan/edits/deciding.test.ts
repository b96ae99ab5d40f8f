import { describe, expect, it } from 'vitest';
import { emptyPrediction, type Experiment } from '../../model';
import { aMeasure, anExperiment } from '../../testing';
import { changeMeasure, decideBy, setMeasureKind } from './measures';

const mass = aMeasure({ code: 'mass', name: 'Shoot mass', unit: 'g', smallestDifference: 500 });
const days = aMeasure({ code: 'days', name: 'First flower', kind: 'event', unit: 'd', primary: false, smallestDifference: 3 });
const base = anExperiment();
const plan: Experiment = {
  ...base,
  claimedRatio: 2,
  measures: [mass, days],
  plan: {
    ...base.plan,
    controlGuess: 2800,
    spreadGuess: 0.2,
    controlLimits: [
      { measure: 'mass', arm: null, least: 1000, most: null },
      { measure: 'days', arm: null, least: null, most: 40 },
    ],
    predictions: [{ ...emptyPrediction, person: 'Fern', expects: 'more', way: 'more', by: 300 }],
  },
};
const saidOf = ({ measures, claimedRatio, plan: { controlGuess, spreadGuess, controlLimits, predictions } }: Experiment) => ({
  matters: measures.map(({ smallestDifference }) => smallestDifference),
  guesses: [controlGuess, spreadGuess],
  limits: controlLimits.map(({ measure, least, most }) => [measure, least, most]),
  foretold: predictions.map(({ way, by }) => [way, by]),
  claimedRatio,
});

describe('what was said in numbers of a measure', () => {
  it('follows its unit: 500 g that matter are 0.5 kg', () => {
    expect(saidOf(changeMeasure(plan, 'mass', { unit: 'kg' }))).toEqual({
      matters: [0.5, 3],
      guesses: [2.8, 0.2],
      limits: [
        ['mass', 1, null],
        ['days', null, 40],
      ],
      foretold: [['more', 0.3]],
      claimedRatio: 2,
    });
    expect(changeMeasure(changeMeasure(plan, 'mass', { unit: 'kg' }), 'mass', { unit: 'g' })).toEqual(plan);
  });

  it('of degrees: what matters is a difference, what the control must reach a temperature', () => {
    const warm = { ...mass, unit: '°C', smallestDifference: 5 };
    const limits = [{ measure: 'mass', arm: null, least: 20, most: null }];
    const soil = { ...plan, measures: [warm, days], plan: { ...plan.plan, controlGuess: 10, controlLimits: limits } };
    expect(saidOf(changeMeasure(soil, 'mass', { unit: '°F' }))).toMatchObject({
      matters: [9, 3],
      guesses: [50, 0.2],
      limits: [['mass', 68, null]],
      foretold: [['more', 540]],
    });
  });

  it('stays where the unit is only said now', () => {
    const bare = { ...plan, measures: [{ ...mass, unit: '' }, days] };
    expect(saidOf(changeMeasure(bare, 'mass', { unit: 'g' }))).toEqual(saidOf(bare));
  });

  it('is asked for anew where the unit is of something else', () => {
    expect(saidOf(changeMeasure(plan, 'mass', { unit: 'cm' }))).toMatchObject({
      matters: [null, 3],
      guesses: [null, null],
      limits: [['days', null, 40]],
      foretold: [['more', null]],
    });
  });

  it('and where it becomes another kind; the unit of another measure touches nothing', () => {
    expect(saidOf(setMeasureKind(plan, 'mass', 'count')).matters[0]).toBeNull();
    expect(saidOf(changeMeasure(plan, 'days', { name: 'First open flower' }))).toEqual(saidOf(plan));
  });

  it('of the one that decided goes when another does, so that the power is not that of 2800 days', () => {
    expect(saidOf(decideBy(plan, 'days'))).toMatchObject({ guesses: [null, null], foretold: [[null, null]], claimedRatio: null });
    expect(decideBy(plan, 'mass')).toEqual(plan);
  });
});
