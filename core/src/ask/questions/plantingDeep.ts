import { amount, control, keptIn, keptSame, plainQuestion, stage, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const plantingDeep: ReadyQuestion = {
  ...plainQuestion,
  id: 'planting-deep',
  theme: 'cuttings-and-containers',
  title: 'Should young tomatoes be planted deeper than they stood?',
  about: 'Up to the first leaves, so that the stem roots too, they say. Does the plant gain by it?',
  words: ['planting deep', 'bury the stem', 'tomato', 'potting on', 'transplant', 'leggy', 'deep planting'],
  plant: 'tomato',
  changed: 'depth of planting',
  question: 'Do young {plants} weigh more {with:D} than {with:C}?',
  arms: [
    control('as deep as it stood', { phrase: 'when planted as deep as it stood' }),
    treatment('D', 'up to the first leaves', { badge: 'D', phrase: 'when planted up to the first leaves' }),
  ],
  unitNoun: 'pot',
  propagule: 'plants',
  unitsPerArm: 10,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  shares: [{ what: 'pot', by: 'unit' }],
  measures: [
    amount('g', {
      code: 'mass',
      name: 'Shoot mass, cut at the same leaf',
      primary: true,
      smallestDifference: 12,
      readingDays: [42],
      usual: { process: 'level', level: { '': 60, D: 66 }, rate: 0.3 },
    }),
    amount('g', {
      code: 'roots',
      name: 'Root mass, washed',
      readingDays: [42],
      usual: { process: 'level', level: { '': 18, D: 22 }, rate: 0.3 },
    }),
    amount('mm', {
      code: 'stem',
      name: 'Thickness above the first leaves',
      readingDays: [21, 42],
      usual: { process: 'level', level: { '': 6, D: 6.4 }, rate: 0.05 },
    }),
  ],
  stages: [stage({ name: 'moved into the large pot', kind: 'move', arms: ['C', 'D'], hazards: ['soil'] })],
  kept: [
    ...keptIn('pots', 'seed lot and age', 'sowing depth', 'sowing day'),
    ...keptSame(
      ['young plants', 'of one sowing, of one size, shuffled'],
      ['pot', 'deep enough for both'],
      ['lowest leaves', 'taken off both'],
    ),
  ],
  kit: { containers: 'that are deep', lot: 'of one sowing', things: things('balance') },
  steps: [
    'Choose {all} alike and shuffle them.',
    'Plant all on one day; take the lowest leaves off both kinds.',
    'On day {last} cut at the first leaves, so that the same part is weighed; wash and weigh the roots.',
  ],
  hazards: ['soil', 'blade'],
  commonMistakes: ['Height from the soil is less for the deep ones by itself.', 'Large {units} for one group only.'],
  notTested: ['fruit', 'plants that were grafted'],
  spreadGuess: 0.15,
  controlGuess: 60,
  chance: 0.8,
  mostly: ['no-difference-that-matters', 'cannot-tell'],
};
