import { itemAt, tupleOf } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { emptyPlan, emptyPrediction, type Experiment, type Prediction } from '../model';
import { aMeasure, studyOf } from '../testing';
import { foretold } from '../study/foretold';
import { predictionOutcomes } from './predictionOutcomes';
import { predictionsPicture } from './picture/predictions';

const said = (more: Partial<Prediction>): Prediction => ({
  ...emptyPrediction,
  person: 'Moss',
  expects: 'something',
  on: '2026-03-31',
  ...more,
});

function held(values: Readonly<Record<string, readonly number[]>>, ...predictions: readonly Partial<Prediction>[]) {
  const measure = aMeasure({ kind: 'amount', unit: 'cm', name: 'Height', smallestDifference: 3 });
  const study = studyOf(values, { measures: [measure], plan: { ...emptyPlan, predictions: predictions.map(said) } });
  const row = itemAt(analyse(study).measures, 0);
  return {
    all: predictionOutcomes(study.experiment, measure, row).map(({ outcome, sentences }) => [outcome, ...sentences]),
    picture: predictionsPicture({ study, measure, result: row }),
  };
}

/** Ten centimetres apart, beyond doubt; alike; and too few to say. */
const apart = { C: [10, 11, 12, 10, 11, 12], T: [20, 21, 22, 20, 21, 22] };
const alike = { C: [10, 11, 12, 10, 11, 12, 11], T: [11, 10, 12, 11, 10, 12, 11] };
const unclear = { C: [5, 15, 10, 12], T: [8, 18, 12, 9] };

describe('a prediction beside what came', () => {
  it('the way: as foretold, otherwise, or not to be told', () => {
    expect(held(apart, { way: 'more' }, { way: 'less' }, { way: 'same' }).all).toEqual([
      ['came', expect.stringContaining('and that’s what happened: 10')],
      ['other-way', expect.stringContaining('the result was different: 10')],
      ['other-way', expect.stringContaining('Said no difference with T; the result was different')],
    ]);
    expect(held(alike, { way: 'more' }, { way: 'same' }).all).toEqual([
      ['other-way', 'Said higher with T; no difference that matters was found.'],
      ['came', 'Said no difference with T, and none that matters was found.'],
    ]);
    expect(held(unclear, { way: 'more' }, { way: 'same' }).all.map(([outcome]) => outcome)).toEqual(['open', 'open']);
  });

  it('is held against what it was asked of, the first of what is asked, whatever else came out clearest', () => {
    const measure = aMeasure({ name: 'Height', smallestDifference: 3 });
    const predictions = [said({ way: 'more', by: 1 })];
    const values = { ...unclear, U: [40, 50, 45, 47] };
    const of = (asked: Experiment['asked']) => {
      const study = studyOf(values, { measures: [measure], asked, plan: { ...emptyPlan, predictions } });
      const result = itemAt(analyse(study).measures, 0);
      const [own] = predictionOutcomes(study.experiment, measure, result);
      return [foretold(study.experiment), own?.outcome, own?.sentences[0], predictionsPicture({ study, measure, result })?.x.label];
    };
    expect(of([])).toEqual([
      { factor: null, group: 'T', against: 'C' },
      'open',
      'Said higher with T; the data can’t tell.',
      'Height: T against C, cm',
    ]);
    expect(of([{ factor: null, group: 'U', against: 'C' }])).toEqual([
      { factor: null, group: 'U', against: 'C' },
      'came',
      expect.stringMatching(/^Said higher with U, and that’s what happened: 35/),
      'Height: U against C, cm',
    ]);
  });

  it('the size agrees where the interval holds it, and not beside it', () => {
    const [fits, far] = tupleOf(held(apart, { way: 'more', by: 10 }, { way: 'more', by: 30 }).all, 2);
    expect(fits[2]).toContain('A difference of 10 cm agrees with the data');
    expect(far[2]).toContain('A difference of 30 cm doesn’t agree with the data');
  });

  it('the order: all pairs, or how many of them', () => {
    const three = { C: [10, 11, 12], T: [20, 21, 22], U: [15, 16, 14] };
    expect(held(three, { ranking: ['T', 'U', 'C'] }, { ranking: ['C', 'T', 'U'] }).all).toEqual([
      ['unsaid', expect.stringContaining('came out in the predicted order')],
      ['unsaid', expect.stringContaining('1 of 3 pairs')],
    ]);
  });

  it('words alone are no less a prediction: nothing is said of them', () => {
    expect(held(apart, {}).all).toEqual([['unsaid']]);
  });

  it('is drawn: the interval that came, and a dot a person', () => {
    const { picture } = held(
      apart,
      { person: 'Moss', way: 'more', by: 10 },
      { person: 'Fern', way: 'less', by: 2 },
      { person: 'Oak', way: 'same' },
    );
    expect(picture?.title).toBe('1 of 3 predicted a size that agrees with the data');
    expect(picture?.table.rows.map(([who, size]) => [who, size])).toEqual([
      ['What came', '10'],
      ['Moss', '10'],
      ['Fern', '−2'],
      ['Oak', '0'],
    ]);
    expect(held(apart, {}).picture).toBeNull();
  });
});
