import { cautions } from '../cautions';
import { amount, control, kept, plainQuestion, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const saltOrQuality: ReadyQuestion = {
  ...plainQuestion,
  id: 'salt-or-quality',
  theme: 'water',
  title: 'Does it matter which water plants get?',
  about: 'Rain from the tank, the tap, or grey water with a little salt in it.',
  words: ['salt', 'grey water', 'tank', 'rain', 'tap water', 'conductivity'],
  plant: 'lettuce',
  changed: 'the kind of water',
  question: 'Does lettuce grow less with grey water than with tap water?',
  hypothesis: 'Lettuce with grey water is lighter after 28 days than lettuce with tap water.',
  nullHypothesis: 'The kind of water makes no difference to the mass of lettuce.',
  arms: [control('tap water'), treatment('R', 'rain from the tank'), treatment('G', 'grey water')],
  unitWord: 'pot',
  unitsPerArm: 8,
  sown: null,
  measures: [
    amount('g', {
      measure: 'mass',
      name: 'Head mass',
      primary: true,
      higherIs: 'better',
      expected: 'less',
      smallestDifference: 7,
      readingDays: [28],
      usual: { process: 'level', level: { '': 40, R: 41, G: 30 }, rate: 0.3 },
    }),
    amount('mS/cm', {
      measure: 'conductivity',
      name: 'Conductivity of what drains',
      higherIs: 'neither',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'level', level: { '': 0.9, R: 0.5, G: 2.1 }, rate: 0.2 },
    }),
  ],
  endRule: 'day 28',
  kept: [...usuallyKept.filter(({ what }) => what !== 'water'), ...kept(['amount of water', 'the same to each, at the same time'])],
  materials: ['24 pots', 'three kinds of water', 'conductivity pen', 'balance'],
  steps: ['Measure the conductivity of each water on each day.', 'Give every pot the same amount.', 'Cut and weigh on day 28.'],
  cautions: ['Grey water: gloves, no spraying, not on what is eaten raw. Local rules come first.', cautions.salt],
  troubles: ['The tank is empty halfway and the tap takes over.'],
  notTested: ['whether it is safe to eat'],
  spreadGuess: 0.14,
  controlGuess: 40,
};
