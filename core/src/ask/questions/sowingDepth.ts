import { cautions } from '../cautions';
import { control, count, event, keptSame, keptIn, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const sowingDepth: ReadyQuestion = {
  ...plainQuestion,
  id: 'sowing-depth',
  theme: 'sprouting',
  title: 'How deep should a seed be sown?',
  about: 'A knuckle, a finger, or deeper? Too shallow dries out, too deep never gets there.',
  words: ['depth', 'sowing depth', 'deep', 'shallow', 'pea', 'come up', 'germination'],
  plant: 'pea seed',
  changed: 'depth of sowing',
  question: 'How does the depth of sowing change how many pea seeds come up?',
  arms: [
    control('3 cm deep', { phrase: 'when sown 3 cm deep', dose: 3, doseUnit: 'cm' }),
    treatment('10', '10 cm deep', { phrase: 'when sown 10 cm deep', dose: 10, doseUnit: 'cm' }),
    treatment('6', '6 cm deep', { phrase: 'when sown 6 cm deep', dose: 6, doseUnit: 'cm' }),
    treatment('1', '1 cm deep', { phrase: 'when sown 1 cm deep', dose: 1, doseUnit: 'cm' }),
  ],
  unitNoun: 'pot',
  unitsPerArm: 8,
  sown: 12,
  light: 'window',
  shares: [{ what: 'pot', by: 'unit' }],
  agesFrom: 8,
  measures: [
    count({
      code: 'up',
      name: 'Seedlings up',
      primary: true,
      expected: 'less',
      smallestDifference: 22,
      readingDays: [6, 8, 10, 12, 15, 18],
      usual: {
        process: 'sprouting',
        share: { '': 0.88, 10: 0.5, 6: 0.82, 1: 0.76 },
        thermalTime: { '': 95, 10: 150, 6: 115, 1: 88 },
        base: 4,
        seedSpread: 0.2,
      },
    }),
    event({
      code: 'first',
      name: 'First one up',
      expected: 'more',
      readingDays: [6, 8, 10, 12, 15, 18],
      usual: { process: 'event', days: { '': 7, 10: 11, 6: 8.5, 1: 6.5 }, spread: 0.12 },
    }),
  ],
  kept: [
    ...keptIn('pots', 'sowing depth'),
    ...keptSame(
      ['height of the mix', 'all pots filled to one line, the seed laid on its own step'],
      ['pressing', 'once, with the same weight'],
    ),
  ],
  materials: ['384 pea seeds of one packet', '32 deep pots', 'a stick with four marks', 'mix', 'labels'],
  steps: [
    'Fill each pot to its own mark, lay 12 seeds, fill up to one line for all.',
    'Water all with the same amount.',
    'Count what is up on the days; on day 18 dig up what did not come and look.',
  ],
  cautions: [cautions.dressedSeed, cautions.soil],
  commonMistakes: ['Pots less deep than the deepest sowing.', 'The top dries out first: water all alike.'],
  notTested: ['other soils', 'the harvest'],
  spreadGuess: 0.11,
  controlGuess: 0.85,
  controlLimits: [{ measure: 'up', arm: null, least: 60, most: null }],
  chance: 0.85,
};
