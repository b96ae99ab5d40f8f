import { cautions } from '../cautions';
import { amount, control, count, keptIn, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const storeCupboard: ReadyQuestion = {
  ...plainQuestion,
  id: 'store-cupboard',
  theme: 'sprouting',
  title: 'Will food-shop or old seed grow?',
  about: 'A bag of dried beans costs a tenth of a seed packet. Is it worth sowing?',
  words: ['germination', 'cupboard', 'old seed', 'beans', 'food seed', 'expired', 'lentil'],
  plant: 'bean seed',
  changed: 'where the seed comes from',
  question: 'Do as many beans from the cupboard sprout as beans sold for sowing?',
  arms: [
    control('sold for sowing', { phrase: 'from seed sold for sowing' }),
    treatment('K', 'kitchen bag', { phrase: 'from a kitchen bag' }),
    treatment('O', 'packet from four years ago', { phrase: 'from a packet four years old' }),
  ],
  unitNoun: 'towel',
  unitsPerArm: 8,
  sown: 25,
  light: 'none',
  measures: [
    count({
      code: 'sprouts',
      name: 'Normal sprouts',
      primary: true,
      higherIs: 'better',
      expected: 'less',
      smallestDifference: 15,
      readingDays: [3, 5, 7, 9],
      usual: {
        process: 'sprouting',
        share: { '': 0.92, K: 0.74, O: 0.6 },
        thermalTime: { '': 62, K: 72, O: 84 },
        base: 7,
        seedSpread: 0.25,
      },
    }),
    count({
      code: 'damaged',
      name: 'Damaged sprouts',
      higherIs: 'worse',
      readingDays: [9],
      usual: { process: 'share', share: { '': 0.03, K: 0.1, O: 0.08 }, from: 4, to: 9 },
    }),
    amount('mm', {
      code: 'root',
      name: 'Root length, mean of five',
      readingDays: [7],
      usual: { process: 'level', level: { '': 48, K: 42, O: 33 }, rate: 0.5 },
    }),
  ],
  materials: ['200 seeds of each bag', '24 towels in bags', 'warm place', '24 labels'],
  steps: [
    'Take a quick look with ten seeds of each first.',
    'Fold 25 seeds into each damp towel.',
    'Keep them closed and warm; count on the days.',
  ],
  cautions: [cautions.dressedSeed, cautions.mould],
  commonMistakes: [
    'Food seed that was heated to keep it does not sprout at all: that is the heat, not its age.',
    'Ten seeds are a quick look, four times twenty-five a test.',
    'Split or snapped seeds are damaged even if a root shows.',
  ],
  notTested: ['which variety it is', 'whether it climbs or stays bushy'],
  decision: '70% or more: good enough to sow. 40 to 70%: sow thicker. Under 40%: do not sow.',
  spreadGuess: 0.08,
  controlGuess: 0.9,
  controlLimits: [{ measure: 'sprouts', arm: null, least: 70, most: null }],
  kept: keptIn('dishes', 'lid'),
  shares: [
    { what: 'bag of its own', by: 'unit' },
    { what: 'warm place', by: 'all' },
  ],
  agesFrom: 8,
  chance: 0.87,
};
