import { expect, it } from 'vitest';
import { emptyPrediction, type Prediction } from '../model';
import { anExperiment, anObservation, studyOf } from '../testing';
import { predictionCheckWords } from '../words/ask/predictionCheckWords';
import { predictionCheck, predictionSeverity } from './predictionCheck';

const said = (...predictions: Partial<Prediction>[]) => {
  const { plan } = anExperiment();
  const all = predictions.map((own) => ({ ...emptyPrediction, person: 'Fern', expects: 'x', on: '2026-04-01', ...own }));
  return studyOf({ C: [1], T: [2] }, { plan: { ...plan, predictions: all } });
};

it.each([
  ['none', said(), 'caution: No prediction yet. It is easy to have known it all along afterwards.'],
  ['any text', said({ expects: 'we will see' }), 'caution: 1 prediction does not say which way: more, less or the same.'],
  ['which way', said({ way: 'more' }, { ranking: ['T', 'C'] }), 'fine: 2 predictions, and no reading yet.'],
])('of %s is said only what is true', (_, { experiment }, words) => {
  const check = predictionCheck({ ...said(), experiment, observations: [] });
  expect(`${predictionSeverity[check.is]}: ${predictionCheckWords(check)}`).toBe(words);
});

it('one of the day of the first reading is not said to be older', () => {
  const study = said({ way: 'more', on: '2026-04-08' });
  const observations = [anObservation('C1', 3, { observedOn: '2026-04-08' })];
  expect(predictionCheckWords(predictionCheck({ ...study, observations }))).toBe(
    '1 prediction, none later than the day of the first reading.',
  );
});

it('one that is younger than the first reading is no prediction', () => {
  const study = said({ way: 'more', on: '2026-04-09' }, { way: 'less' });
  const observations = [anObservation('C1', 3, { observedOn: '2026-04-08' })];
  expect(predictionCheckWords(predictionCheck({ ...study, observations }))).toBe(
    '1 prediction came after the first reading, on Wednesday 8 April.',
  );
});
