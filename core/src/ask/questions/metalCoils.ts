import { cautions } from '../cautions';
import { amount, control, plainQuestion, treatment } from '../makers';
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
  question: 'Do radishes with a coil of bare wire grow heavier than radishes with a coated coil?',
  hypothesis: 'Radishes with a bare coil are heavier after 28 days than with a coated one.',
  nullHypothesis: 'A bare coil makes no difference to the mass.',
  arms: [control('coil of plastic-coated wire'), treatment('B', 'coil of bare wire')],
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
  materials: ['20 pots', '10 coils of bare and 10 of coated wire, the same size', 'balance'],
  steps: [
    'Write down what the coil must touch to work: the ground, the air, the root.',
    'Stand the pots off metal shelves.',
    'Set the coils by coin; nobody who weighs knows which is which.',
  ],
  cautions: [cautions.blades],
  troubles: ['The control has no coil at all: then the hole and the shade differ too.'],
  notTested: ['larger coils, other metals, the open garden'],
  spreadGuess: 0.15,
  controlGuess: 15,
};
