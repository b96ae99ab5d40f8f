import { cautions } from '../cautions';
import { amount, control, count, kept, plainQuestion, reference, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const amendmentDose: ReadyQuestion = {
  ...plainQuestion,
  id: 'amendment-dose',
  theme: 'soil-life',
  title: 'How much compost or castings is best?',
  about: 'Five per cent, ten, twenty? Too much can hold so much water that nothing sprouts.',
  words: ['compost', 'castings', 'worm', 'amendment', 'dose', 'fertiliser', 'five times', 'mix'],
  plant: 'lettuce',
  changed: 'share of castings in the mix',
  question: 'How does the share of castings in the mix change the height of lettuce at 30 days?',
  hypothesis: 'Lettuce with 10 % castings is taller after 30 days than without.',
  nullHypothesis: 'Castings make no difference to the height of lettuce.',
  arms: [
    control('no castings', { dose: 0, doseUnit: '%' }), treatment('5', '5 % castings', { dose: 5, doseUnit: '%' }), treatment('10', '10 % castings', { dose: 10, doseUnit: '%' }),
    treatment('20', '20 % castings', { dose: 20, doseUnit: '%' }), reference('F', 'bought fertilised mix'),
  ],
  unitWord: 'pot',
  unitsPerArm: 8,
  sown: 3,
  layout: 'blocks',
  blocks: 2,
  plantsKept: 1,
  thinningRule: 'keep the one nearest the centre',
  measures: [
    amount('cm', { measure: 'height', name: 'Height at day 30', primary: true, smallestDifference: 2.5, readingDays: [15, 30], usual: { process: 'level', level: { '': 10, 5: 12, 10: 13.5, 20: 12.5, F: 15 }, rate: 0.1 } }),
    count({ measure: 'sprouts', name: 'Sprouts on day 10', readingDays: [10], usual: { process: 'share', share: { '': 0.9, 20: 0.75 }, from: 4, to: 9 } }),
  ],
  endRule: 'day 30',
  kept: [...usuallyKept, ...kept(['the share when potting on', 'the same mix again'])],
  materials: ['40 pots', 'base mix and castings, weighed', 'bought fertilised mix', 'ruler'],
  steps: ['Blend each batch once, by mass: 10 % of the mix is 60 g in 600 g.', 'Sow three seeds a pot, keep one.', 'When potting on keep the share.'],
  cautions: [cautions.soil],
  troubles: ['The highest dose holds too much water and nothing sprouts.'],
  notTested: ['harvest', 'what it costs'],
  spreadGuess: 0.16,
  controlGuess: 10,
};
