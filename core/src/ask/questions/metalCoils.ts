import { amount, control, keptIn, oneEach, plainQuestion, reference, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const metalCoils: ReadyQuestion = {
  ...plainQuestion,
  id: 'metal-coils',
  theme: 'growing-claims',
  title: 'Do metal coils in the pot make plants grow?',
  about: 'Coils of wire are said to gather something from the air. Say how it is said to work, and whether this bench lets it.',
  words: ['copper', 'coil', 'copper wire', 'antenna', 'electroculture'],
  plant: 'radish',
  changed: 'a coil of bare wire in the pot',
  question: 'Do {plants} grow heavier {with:B} than {with:C}?',
  arms: [
    control('coil of plastic-coated wire', { phrase: 'with a coil of plastic-coated wire' }),
    treatment('B', 'coil of bare wire', { phrase: 'with a coil of bare wire' }),
    reference('N', 'no coil', { phrase: 'without a coil' }),
  ],
  unitNoun: 'pot',
  unitsPerArm: 12,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  measures: [
    amount('g', {
      code: 'mass',
      name: 'Mass of the whole plant',
      primary: true,
      smallestDifference: 3,
      readingDays: [28],
      usual: { process: 'level', level: { '': 15 }, rate: 0.3 },
    }),
    amount('cm', {
      code: 'height',
      name: 'Height',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'level', level: { '': 18 }, rate: 0.06 },
    }),
  ],
  kit: {
    things: [
      oneEach('coils of bare wire, ends capped', ['B']),
      oneEach('coils of coated wire of the same size, ends capped', ['C']),
      ...things('balance'),
    ],
  },
  steps: [
    'Write down what the coil must touch to work: the ground, the air, the root.',
    'Stand the {units} off metal shelves, a hand’s width between them.',
    'Set the coils by coin; nobody who weighs knows which is which.',
  ],
  hazards: ['blade'],
  cautions: ['Coils are never joined to mains or a battery, and not set up outdoors before a storm. Cap the ends: eyes.'],
  commonMistakes: ['{groupIs:N no coil}The control has no coil at all: then the hole and the shade differ too.'],
  notTested: ['larger coils, other metals, the open garden'],
  spreadGuess: 0.15,
  controlGuess: 15,
  kept: keptIn('pots'),
  shares: [{ what: 'coil', by: 'unit' }],
  blind: true,
  agesFrom: 11,
  chance: 0.89,
  mostly: ['no-difference-that-matters', 'cannot-tell'],
};
