import { cautions } from '../cautions';
import { amount, control, kept, plainQuestion, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const lightColour: ReadyQuestion = {
  ...plainQuestion,
  id: 'light-colour',
  theme: 'light',
  title: 'Does the colour of the light matter?',
  about: 'Red, blue, white: at the same amount of light.',
  words: ['colour', 'color', 'coloured film', 'red light', 'blue light', 'lamp', 'spectrum'],
  plant: 'lettuce',
  changed: 'colour of the light, at equal amount',
  question: 'Does red or blue light give heavier lettuce than white light of the same amount?',
  hypothesis: 'Lettuce under red light is heavier after 28 days than under white light of the same amount.',
  nullHypothesis: 'The colour of the light makes no difference to the mass of lettuce.',
  arms: [control('white'), treatment('R', 'red'), treatment('B', 'blue')],
  unitWord: 'pot',
  unitsPerArm: 8,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  measures: [
    amount('g', {
      measure: 'mass',
      name: 'Head mass',
      primary: true,
      smallestDifference: 8,
      readingDays: [28],
      usual: { process: 'level', level: { '': 42, R: 46, B: 36 }, rate: 0.3 },
    }),
    amount('cm', {
      measure: 'height',
      name: 'Height',
      higherIs: 'neither',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'level', level: { '': 14, R: 17, B: 12 }, rate: 0.06 },
    }),
  ],
  endRule: 'day 28',
  kept: [
    ...usuallyKept.filter(({ what }) => what !== 'light'),
    ...kept(['amount of light', 'the same PPFD at the leaf, set by distance'], ['hours of light', '16 h']),
  ],
  materials: ['24 pots', 'film or lamps in three colours', 'light meter', 'balance'],
  steps: ['Measure the light under each colour and move it until all are equal.', 'Plant one seedling a pot.', 'Cut and weigh on day 28.'],
  cautions: [cautions.lamps, cautions.electricity],
  troubles: ['Film takes light away: without equal PPFD, colour and amount are mixed.'],
  canReach: ['light'],
  spreadGuess: 0.14,
  controlGuess: 42,
};
