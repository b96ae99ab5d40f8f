import { cautions } from '../cautions';
import { amount, control, plainQuestion, stage, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const kitchenTonic: ReadyQuestion = {
  ...plainQuestion,
  id: 'kitchen-tonic',
  theme: 'growing-claims',
  title: 'Does a kitchen tonic feed plants?',
  about: 'Tea, peel water, tablets: everything in the kitchen is said to feed something.',
  words: ['compost tea', 'peel', 'tablet', 'aspirin', 'coffee', 'eggshell', 'sugar', 'milk', 'tonic', 'fertiliser'],
  plant: 'spinach',
  changed: 'what is in the watering can',
  question: 'Does spinach watered with the tonic weigh more than spinach with plain water?',
  hypothesis: 'Spinach with the tonic is heavier after 28 days than with plain water.',
  nullHypothesis: 'The tonic makes no difference to the mass.',
  arms: [control('plain water, the same amount'), treatment('P', 'water from boiled peel')],
  unitWord: 'pot',
  unitsPerArm: 10,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  measures: [
    amount('g', {
      measure: 'mass',
      name: 'Shoot mass',
      primary: true,
      smallestDifference: 3,
      readingDays: [28],
      usual: { process: 'level', level: { '': 15 }, rate: 0.3 },
    }),
    amount('cm', {
      measure: 'height',
      name: 'Height',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'level', level: { '': 18 }, rate: 0.06 },
    }),
  ],
  endRule: 'the last reading day',
  stages: [stage({ name: 'watering', kind: 'handle', arms: ['C', 'P'] })],
  materials: ['20 pots', 'tonic, made fresh each week', 'two cans that look alike', 'balance'],
  steps: [
    'Make the tonic by one recipe each week.',
    'Water every pot with the same amount at the same time.',
    'Hide which can is which from whoever weighs.',
  ],
  cautions: [cautions.chemicals, cautions.mould],
  troubles: ['The tonic is warm and the water cold.', 'More tonic than water because it “needs to soak in”.'],
  notTested: ['taste', 'other recipes'],
  spreadGuess: 0.15,
  controlGuess: 15,
};
