import { amount, control, count, derived, keptIn, keptSame, oneEach, plainQuestion, stage, thingOf, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const coldWetStart: ReadyQuestion = {
  ...plainQuestion,
  id: 'cold-wet-start',
  theme: 'sprouting',
  title: 'Does cold water in the first days harm seed?',
  about:
    'Maize drinks in its first hours. If that water is cold, the stand may be thin. Counted late enough that slow is not taken for harmed.',
  words: ['germination', 'cold', 'maize', 'corn', 'chilling', 'cold soil', 'early sowing', 'imbibition', 'chilled water'],
  plant: 'maize',
  changed: 'warmth of the first water',
  question: 'Do fewer {plant} {putIn} come up {with:K} than {with:C}?',
  arms: [
    control('two days in water of 15 °C', { phrase: 'after two days in water of 15 °C' }),
    treatment('K', 'two days in chilled water, 4 °C', { badge: 'K', phrase: 'after two days in chilled water, 4 °C' }),
  ],
  unitNoun: 'tray',
  unitsPerArm: 8,
  sown: 25,
  layout: 'blocks',
  blocks: 2,
  light: 'none',
  shares: [
    { what: 'cup to drink in', by: 'unit' },
    { what: 'warm shelf', by: 'block' },
  ],
  agesFrom: 11,
  measures: [
    count({
      code: 'up',
      name: 'Seedlings with two leaves',
      primary: true,
      higherIs: 'better',
      expected: 'less',
      categories: ['two-leaves', 'behind', 'none'],
      category: 'two-leaves',
      smallestDifference: 15,
      readingDays: [14, 24],
      usual: { process: 'share', share: { '': 0.92, K: 0.72 }, from: 6, to: 20 },
    }),
    amount('mm', {
      code: 'tallest',
      name: 'Tallest shoot',
      expected: 'less',
      readingDays: [24],
      usual: { process: 'level', level: { '': 150, K: 138 }, rate: 0.3 },
    }),
    amount('mm', {
      code: 'shortest',
      name: 'Shortest shoot',
      expected: 'less',
      readingDays: [24],
      usual: { process: 'level', level: { '': 110, K: 66 }, rate: 0.3 },
    }),
    derived('mm', 'tallest-shortest', {
      code: 'spread',
      name: 'Spread of the shoots',
      higherIs: 'worse',
      expected: 'more',
      readingDays: [24],
    }),
  ],
  endRule: 'day {end}, when the slow ones have had as much warmth',
  kept: [
    ...keptIn('pots', 'temperature', 'water'),
    ...keptSame(
      ['warmth after the first two days', '18 °C for both'],
      ['water that the seed drinks', '30% of its own weight, in a covered cup'],
      ['mix', 'wetted by weight, one batch'],
    ),
  ],
  stages: [
    stage({ name: 'two days in chilled water', kind: 'soak', arms: ['K'], hours: 48, hazards: ['cold'], tested: true }),
    stage({ name: 'two days in water of 15 °C', kind: 'soak', arms: ['C'], hours: 48 }),
  ],
  kit: {
    medium: 'mix, wetted by weight',
    things: [oneEach('cups with lids'), thingOf(['K'], 'refrigerator that holds no food'), ...things('thermometer', 'balance')],
  },
  steps: [
    'Weigh {sown} {putIn} into each cup and give each 30% of their weight in water of its own warmth.',
    'Close the cups; stand the chilled ones in the refrigerator and the others at 15 °C.',
    'Sow each cup into its {unit} and stand all at 18 °C.',
    'On days {days} count in one go what has two leaves, is behind, did not come.',
  ],
  hazards: ['dressed-seed', 'cold'],
  commonMistakes: [
    'Counted on the first day alone, slow is taken for harmed: the chilled seed has had less warmth.',
    'Cups that are open dry out.',
  ],
  notTested: ['cold soil after sowing', 'other seed lots'],
  spreadGuess: 0.08,
  controlGuess: 0.9,
  controlLimits: [{ measure: 'up', arm: null, least: 75, most: null }],
  chance: 0.88,
};
