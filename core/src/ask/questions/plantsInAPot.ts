import { cautions } from '../cautions';
import { amount, control, derived, keptSame, keptIn, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const plantsInAPot: ReadyQuestion = {
  ...plainQuestion,
  id: 'plants-in-a-pot',
  theme: 'cuttings-and-containers',
  title: 'How many plants should share a pot?',
  about: 'More plants give more from the pot and less from each: two stories. Say first which one you ask.',
  words: ['spacing', 'crowded', 'thinning', 'density', 'radish', 'plants a pot', 'distance'],
  plant: 'radish',
  changed: 'number of plants in a pot',
  question: 'How does the number of plants in a pot change the mass of each radish?',
  arms: [
    control('one plant', { dose: 1, doseUnit: 'a pot' }),
    treatment('4', 'four plants', { dose: 4, doseUnit: 'a pot' }),
    treatment('2', 'two plants', { dose: 2, doseUnit: 'a pot' }),
    treatment('8', 'eight plants', { dose: 8, doseUnit: 'a pot' }),
  ],
  unitNoun: 'pot',
  unitsPerArm: 8,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  shares: [{ what: 'pot', by: 'unit' }],
  measures: [
    amount('g', {
      code: 'pot',
      name: 'Root mass a pot',
      expected: 'more',
      readingDays: [35],
      usual: { process: 'level', level: { '': 22, 2: 36, 4: 52, 8: 60 }, rate: 0.3 },
    }),
    amount('plants', {
      code: 'plants',
      name: 'Plants lifted',
      higherIs: 'neither',
      readingDays: [35],
      usual: { process: 'level', level: { '': 1, 2: 2, 4: 4, 8: 8 }, rate: 1 },
    }),
    amount('g', {
      code: 'each',
      name: 'Root mass a plant',
      primary: true,
      expected: 'less',
      smallestDifference: 6,
      readingDays: [35],
      usual: { process: 'level', level: { '': 22, 2: 18, 4: 13, 8: 7.5 }, rate: 0.3 },
    }),
    derived('%', '100*each/pot', { code: 'share', name: 'Share of the pot that one plant has', higherIs: 'neither', readingDays: [35] }),
  ],
  kept: [...keptIn('pots'), ...keptSame(['feed', 'the same to each pot, or the same to each plant: choose and write it down'])],
  materials: ['32 pots of two litres', 'radish seed, 200 of one packet', 'mix', 'balance', 'labels'],
  steps: [
    'Sow twice as many as are wanted, evenly; thin on day 7 to the number, those nearest their mark stay.',
    'Water every pot with the same amount.',
    'Lift on day 35; weigh the roots of the pot, count them, and divide.',
  ],
  cautions: [cautions.soil],
  commonMistakes: [
    'The plants of one pot are one value: they share its food.',
    'Thinned by looks: then the best stay in the crowded pots.',
  ],
  notTested: ['larger pots', 'more feed for more plants'],
  spreadGuess: 0.16,
  controlGuess: 22,
  chance: 0.83,
};
