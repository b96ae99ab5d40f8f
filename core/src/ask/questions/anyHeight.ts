import { amount, control, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const anyHeight: ReadyQuestion = {
  ...plainQuestion,
  id: 'any-height',
  theme: 'frames',
  title: 'Does X change height?',
  about: 'An empty frame for anything that may make plants grow taller or stay shorter.',
  words: ['height', 'tall', 'growth', 'pot size', 'feed', 'fertiliser'],
  plant: 'basil',
  changed: 'what the plants are given',
  question: 'Does X change how tall basil grows?',
  hypothesis: 'Basil with X is taller after four weeks than basil without.',
  nullHypothesis: 'X makes no difference to the height of basil.',
  arms: [control('Without X'), treatment('X', 'With X')],
  unitWord: 'pot',
  unitsPerArm: 8,
  sown: null,
  measures: [
    amount('cm', {
      measure: 'height',
      name: 'Height',
      primary: true,
      smallestDifference: 3,
      readingDays: [7, 14, 21, 28],
      usual: { process: 'growth', reads: 'height', size: 24, rate: 0.24, effect: { '': 1, X: 1.15 } },
    }),
    amount('leaves', {
      measure: 'leaves',
      name: 'Leaves',
      readingDays: [14, 28],
      usual: { process: 'growth', reads: 'mass', size: 18, rate: 0.24, effect: { '': 1, X: 1.05 } },
    }),
  ],
  endRule: 'day 28',
  materials: ['young plants of one sowing', 'pots of one size', 'mix from one bag', 'ruler', 'labels'],
  steps: [
    'Fill every pot to the same line.',
    'Plant one plant a pot, the same depth.',
    'Stand the pots where the plan says.',
    'Water all pots with the same amount at the same time.',
  ],
  cautions: ['Soil and compost: gloves, open air, wash hands, cover cuts.'],
  troubles: ['Taller is not always healthier: look at colour and leaves as well.'],
  spreadGuess: 0.15,
  controlGuess: 17,
  expectedSurvival: 0.95,
};
