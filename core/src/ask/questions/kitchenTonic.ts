import { amount, control, keptIn, keptSame, oneEach, onePer, plainQuestion, poured, reference, stage, things, treatment } from '../makers';
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
  onPurpose: ['water', 'feed'],
  question: 'Does {plant} weigh more {with:P} than {with:C}?',
  arms: [control('water boiled and cooled'), treatment('P', 'water from boiled peel'), reference('F', 'plant feed by its label')],
  unitNoun: 'pot',
  unitsPerArm: 12,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  measures: [
    amount('g', {
      code: 'mass',
      name: 'Shoot mass',
      primary: true,
      smallestDifference: 3,
      readingDays: [28],
      usual: { process: 'level', level: { '': 15, F: 20 }, rate: 0.3 },
    }),
    amount('cm', {
      code: 'height',
      name: 'Height',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'level', level: { '': 18 }, rate: 0.06 },
    }),
  ],
  stages: [stage({ name: 'watering', kind: 'handle', arms: ['C', 'P', 'F'] })],
  kit: {
    medium: 'mix without fertiliser',
    solutions: [
      poured('peel', ['P'], 80, 4, { made: 'grams', grams: 50 }),
      poured('water boiled and cooled', ['C'], 80, 4),
      poured('plant feed, by its label', ['F'], 80, 4),
    ],
    things: [oneEach('saucers'), onePer('group', 'cans that look alike'), ...things('balance')],
  },
  steps: [
    'Boil {grams} g of peel in a litre for ten minutes; boil the plain water alike; let both cool.',
    'Give every {unit} {mL} mL at the same time.',
    'Hide which can is which from whoever weighs.',
  ],
  hazards: ['heat', 'chemical', 'mould'],
  commonMistakes: [
    'A rich mix feeds the control too.',
    'The tonic is warm and the water cold.',
    'More tonic than water because it “needs to soak in”.',
  ],
  notTested: ['taste', 'other recipes'],
  spreadGuess: 0.15,
  controlGuess: 15,
  kept: [
    ...keptIn('pots', 'water'),
    ...keptSame(['amount poured', 'the same to each {unit}, at the same time'], ['poor mix', 'without fertiliser']),
  ],
  shares: [
    { what: 'batch of tonic', by: 'all' },
    { what: 'saucer', by: 'unit' },
  ],
  blind: true,
  agesFrom: 8,
  controlLimits: [{ measure: 'mass', arm: 'F', least: 16, most: null }],
  chance: 0.89,
  mostly: ['no-difference-that-matters', 'cannot-tell'],
};
