import { cautions } from '../cautions';
import { amount, control, kept, plainQuestion, rating, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const lampHeight: ReadyQuestion = {
  ...plainQuestion,
  id: 'lamp-height',
  theme: 'light',
  title: 'Is it worth raising the tray to the lamp?',
  about: 'A few centimetres gain about a tenth of the light, and lose evenness.',
  words: ['lamp', 'height', 'distance', 'cress', 'microgreens'],
  plant: 'cress',
  changed: 'distance from lamp to leaf',
  question: 'Do raised trays of cress give more mass at the cut than trays at the usual height?',
  hypothesis: 'Raised trays of cress give at least 10 % more mass on day 10 than trays at the usual height.',
  nullHypothesis: 'Raising the tray makes no difference to the mass at the cut.',
  arms: [control('usual height'), treatment('R', 'raised by 6 cm')],
  unitWord: 'tray',
  unitsPerArm: 6,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  measures: [
    amount('g', {
      measure: 'mass',
      name: 'Cut mass',
      primary: true,
      smallestDifference: 12,
      readingDays: [10],
      usual: { process: 'level', level: { '': 120, R: 134 }, rate: 0.5 },
    }),
    rating(rubrics.stemColour, {
      measure: 'stem',
      name: 'Stem colour',
      readingDays: [10],
      usual: { process: 'rating', level: { '': 3, R: 3.3 }, spread: 0.4 },
    }),
    rating(rubrics.evenCanopy, {
      measure: 'even',
      name: 'Even canopy',
      readingDays: [10],
      usual: { process: 'rating', level: { '': 3.4, R: 2.8 }, spread: 0.5 },
    }),
  ],
  endRule: 'day 10: 3 days weighted in the dark, 1 more dark, 6 in light, then cut',
  kept: [...usuallyKept, ...kept(['seed', 'the same grams a tray'], ['inside and outside places', 'as blocks'])],
  materials: ['12 trays', 'seed, weighed for each tray', 'blocks to raise the trays', 'light meter', 'balance to 1 g'],
  steps: [
    'Measure the light on a grid at leaf height, both ways.',
    'Sow the same grams a tray on the same volume of mix.',
    'Three days weighted in the dark, one more dark, six in light.',
    'Cut and weigh each tray apart.',
  ],
  cautions: [cautions.lamps, cautions.electricity, cautions.blades, cautions.tasting],
  troubles: ['Two trays each, and a winner by one gram.'],
  notTested: ['taste, unless at least six people try it blind', 'the cost of light'],
  spreadGuess: 0.04,
  controlGuess: 120,
};
