import { cautions } from '../cautions';
import { amount, control, count, kept, plainQuestion, rating, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const hoursOfLight: ReadyQuestion = {
  ...plainQuestion,
  id: 'hours-of-light',
  theme: 'light',
  title: 'How many hours of light do seedlings want?',
  about: 'Six hours makes them leggy, all night may stress them. Where is the top?',
  words: ['hours of light', 'lamp', 'timer', 'leggy', 'seedling', 'day length', 'photoperiod', 'tip burn', 'yellow leaves'],
  plant: 'lettuce seedlings',
  changed: 'hours of light a day',
  question: 'How does the number of hours of light a day change the mass of lettuce seedlings at 30 days?',
  hypothesis: 'Seedlings with 18 h of light are heavier after 30 days than with 12 h.',
  nullHypothesis: 'The hours of light make no difference to the mass of the seedlings.',
  arms: [
    control('12 h of light', { dose: 12, doseUnit: 'h' }),
    treatment('6', '6 h of light', { dose: 6, doseUnit: 'h' }),
    treatment('18', '18 h of light', { dose: 18, doseUnit: 'h' }),
    treatment('24', '24 h of light', { dose: 24, doseUnit: 'h' }),
  ],
  unitWord: 'tray',
  unitsPerArm: 6,
  sown: 4,
  layout: 'blocks',
  blocks: 2,
  measures: [
    amount('g', {
      measure: 'mass',
      name: 'Mass at day 30',
      primary: true,
      smallestDifference: 1.5,
      readingDays: [30],
      usual: { process: 'level', level: { '': 5, 6: 2.4, 18: 6.4, 24: 5 }, rate: 0.2 },
    }),
    amount('cm', {
      measure: 'height',
      name: 'Height',
      higherIs: 'neither',
      readingDays: [10, 20, 30],
      usual: { process: 'level', level: { '': 9, 6: 12, 18: 8, 24: 7.5 }, rate: 0.12 },
    }),
    amount('cm a pair', {
      measure: 'legginess',
      name: 'Height over leaf pairs',
      higherIs: 'worse',
      readingDays: [30],
      usual: { process: 'level', level: { '': 2.2, 6: 4.1, 18: 1.9, 24: 1.9 }, rate: 0.3 },
    }),
    rating(rubrics.leafCurl, {
      measure: 'curl',
      name: 'Leaf curl',
      higherIs: 'worse',
      readingDays: [30],
      usual: { process: 'rating', level: { '': 0.3, 24: 1.6 }, spread: 0.5 },
    }),
    count({
      measure: 'sprouts',
      name: 'Sprouts on day 14',
      readingDays: [14],
      usual: { process: 'share', share: { '': 0.9 }, from: 4, to: 12 },
    }),
  ],
  endRule: 'day 30',
  kept: [
    ...usuallyKept.filter(({ what }) => what !== 'light'),
    ...kept(
      ['light at the leaf', 'the same PPFD under every lamp, measured'],
      ['water by weight', 'long light dries faster: back to one weight'],
    ),
  ],
  materials: ['lamps with timers, two for each number of hours', '24 trays of 4 cells', 'light meter', 'balance', 'labels'],
  steps: [
    'Set the timers: 6, 12, 18 and 24 h.',
    'Measure the light at leaf height and even it out.',
    'Use two lamps for each number of hours, or move the trays between lamps every few days.',
    'Water by weight.',
  ],
  cautions: [cautions.lamps, cautions.electricity],
  troubles: ['Each lamp is a container: with one lamp a dose the lamp cannot be told from the hours.'],
  notTested: ['flowering'],
  spreadGuess: 0.18,
  controlGuess: 5,
};
