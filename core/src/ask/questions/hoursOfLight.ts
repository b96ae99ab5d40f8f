import { cautions } from '../cautions';
import { amount, control, derived, keptSame, keptIn, plainQuestion, rating, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const hoursOfLight: ReadyQuestion = {
  ...plainQuestion,
  id: 'hours-of-light',
  theme: 'light',
  title: 'How many hours of light do seedlings want?',
  about:
    'Eight hours may leave them long and thin, sixteen may do more than twelve. One lamp, and a cover for the hours that are not theirs.',
  words: [
    'hours of light',
    'lamp',
    'timer',
    'leggy',
    'seedling',
    'day length',
    'photoperiod',
    'tip burn',
    'yellow leaves',
    'cover',
    'basil',
  ],
  plant: 'basil seedlings',
  changed: 'hours of light a day',
  question: 'How does the number of hours of light a day change the mass of basil seedlings at 30 days?',
  arms: [
    control('12 h of light', { dose: 12, doseUnit: 'h' }),
    treatment('16', '16 h of light', { dose: 16, doseUnit: 'h' }),
    treatment('8', '8 h of light', { dose: 8, doseUnit: 'h' }),
  ],
  unitNoun: 'tray',
  unitsPerArm: 12,
  sown: 4,
  layout: 'blocks',
  blocks: 3,
  shares: [
    { what: 'lamp', by: 'block' },
    { what: 'cover', by: 'unit' },
  ],
  agesFrom: 11,
  measures: [
    amount('g', {
      code: 'mass',
      name: 'Mass a plant',
      primary: true,
      expected: 'different',
      smallestDifference: 1.2,
      readingDays: [30],
      usual: { process: 'level', level: { '': 5, 8: 3.2, 16: 6.4 }, rate: 0.2 },
    }),
    amount('cm', {
      code: 'height',
      name: 'Height',
      higherIs: 'neither',
      readingDays: [10, 20, 30],
      usual: { process: 'level', level: { '': 9, 8: 11, 16: 8.5 }, rate: 0.12 },
    }),
    amount('pairs', {
      code: 'pairs',
      name: 'Pairs of leaves',
      readingDays: [10, 20, 30],
      usual: { process: 'level', level: { '': 4, 8: 3, 16: 4.5 }, rate: 0.12 },
    }),
    derived('cm/pairs', 'height/pairs', { code: 'legginess', name: 'Height over leaf pairs', higherIs: 'worse', readingDays: [30] }),
    rating(rubrics.leafColour, {
      code: 'colour',
      name: 'Leaf colour',
      readingDays: [30],
      usual: { process: 'rating', level: { '': 4, 8: 3.4 }, spread: 0.5 },
    }),
  ],
  kept: [
    ...keptIn('pots', 'light'),
    ...keptSame(
      ['amount of light', 'under each lamp the same at leaf height, measured'],
      ['covers', 'on every tray for some hours, of the same black card, lifted by the same hand'],
      ['weight after watering', 'back to one weight: long light dries faster'],
    ),
  ],
  materials: [
    '3 lamps that burn 16 h',
    '36 trays of 4 cells',
    '36 covers of black card with room for air',
    'light meter',
    'balance',
    'labels',
  ],
  steps: [
    'Stand 4 trays of each kind under each lamp, shuffled.',
    'Lamps on at 6 and off at 22: cover the 8 h trays at 14, the 12 h trays at 18.',
    'Lay the cover of the 16 h trays on when the lamp goes off, so that all are handled.',
    'Water every tray back to one weight.',
    'Cut and weigh on day 30: the mass of the tray by its plants.',
  ],
  cautions: [cautions.lamps, cautions.electricity],
  commonMistakes: ['A lamp for each number of hours: then the lamp cannot be told from the hours.', 'A cover that is warm under it.'],
  notTested: ['whether it is the hours or the light in total', 'flowering'],
  spreadGuess: 0.16,
  controlGuess: 5,
  chance: 0.89,
};
