import { cautions } from '../cautions';
import { control, count, kept, plainQuestion, stage, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const hardCoat: ReadyQuestion = {
  ...plainQuestion,
  id: 'hard-coat',
  theme: 'sprouting',
  title: 'What opens a hard seed coat?',
  about: 'Some seeds lie for a year. Heat, acid, sand or a nick may let the water in.',
  words: ['hard', 'coat', 'scarify', 'nick', 'sandpaper', 'boiling', 'vinegar', 'lemon', 'cold', 'stratify', 'tree seed'],
  plant: 'black locust seed',
  changed: 'how the coat is opened',
  question: 'Which treatment of the hard coat makes most black locust seeds sprout?',
  hypothesis: 'More seeds sprout within ten weeks after the coat is opened than when it is left as it is.',
  nullHypothesis: 'Opening the coat makes no difference to how many seeds sprout.',
  arms: [
    control('coat untouched'),
    treatment('H', 'hot water left to cool'),
    treatment('A', 'a day in vinegar'),
    treatment('HA', 'hot water, then vinegar'),
    treatment('S', 'sandpaper'),
    treatment('N', 'nicked'),
  ],
  unitWord: 'bag',
  unitsPerArm: 4,
  sown: 25,
  light: 'window',
  measures: [
    count({
      measure: 'sprouts',
      name: 'Sprouts',
      primary: true,
      smallestDifference: 20,
      readingDays: [42, 49, 56, 63, 70, 77, 84, 91, 98, 105],
      usual: { process: 'share', share: { '': 0.1, H: 0.55, A: 0.2, HA: 0.5, S: 0.6, N: 0.65 }, from: 45, to: 100 },
    }),
  ],
  endRule: 'ten weeks after potting, day 105',
  kept: [
    ...usuallyKept,
    ...kept(
      ['cold', 'one refrigerator at 4 °C, never the freezer'],
      ['days in the cold', '35 for all'],
      ['water after the treatment', 'a day, then rinsed'],
    ),
  ],
  stages: [
    stage({ name: 'hot water left to cool', kind: 'heat', arms: ['H', 'HA'], hours: 0.5, tested: true }),
    stage({ name: 'a day in vinegar', kind: 'soak', arms: ['A', 'HA'], hours: 24, tested: true }),
    stage({ name: 'a day in water', kind: 'soak', arms: ['C', 'H', 'S', 'N'], hours: 24 }),
    stage({ name: 'cold', kind: 'cold', arms: ['C', 'H', 'A', 'HA', 'S', 'N'], hours: 840 }),
  ],
  materials: [
    '600 seeds',
    '24 labelled bags with moist mix',
    'vinegar',
    'fine sandpaper',
    'nail clippers',
    'kettle',
    'refrigerator at 4 °C',
  ],
  steps: [
    'Treat the seed of each arm.',
    'Give all a day in water, the acid arms a day in vinegar; rinse.',
    'Put 25 seeds in each labelled bag of moist mix, 35 days at 4 °C.',
    'Pot each bag on its own; read every week for ten weeks.',
  ],
  cautions: [cautions.boiling, cautions.blades, 'Mild kitchen acids only. Strong mineral acids are not for homes or schools.'],
  troubles: [
    'Nicked through to the seed leaf.',
    'A seed that flew into another bag.',
    'The freezer in place of the refrigerator.',
    'The colour of the soak water is not a result.',
  ],
  notTested: ['whether one bag more or less cold would do as well'],
  spreadGuess: 0.09,
  controlGuess: 0.1,
};
