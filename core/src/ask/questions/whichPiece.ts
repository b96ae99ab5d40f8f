import { cautions } from '../cautions';
import { control, count, kept, plainQuestion, rating, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const whichPiece: ReadyQuestion = {
  ...plainQuestion,
  id: 'which-piece',
  theme: 'cuttings-and-containers',
  title: 'Which piece of stem makes the best cutting?',
  about: 'Tip or lower stem, short or long. Rate the looks before lifting, to see whether looks tell.',
  words: ['cutting', 'stem', 'propagate'],
  plant: 'sage cuttings',
  changed: 'which piece of the stem',
  question: 'Do more tip cuttings root than cuttings from the lower stem?',
  hypothesis: 'More lower-stem cuttings are rooted when lifted than tip cuttings.',
  nullHypothesis: 'The piece makes no difference to how many root.',
  arms: [control('tip'), treatment('L', 'lower stem')],
  unitWord: 'cutting',
  putIn: 'cuttings',
  unitsPerArm: 20,
  sown: 1,
  light: 'window',
  measures: [
    count({
      measure: 'rooted',
      name: 'Rooted of those stuck',
      primary: true,
      smallestDifference: 30,
      readingDays: [40],
      usual: { process: 'share', share: { '': 0.5, L: 0.8 }, from: 20, to: 39 },
    }),
    rating(rubrics.cuttingRoots, {
      measure: 'roots',
      name: 'Roots',
      readingDays: [40],
      usual: { process: 'rating', level: { '': 1.2, L: 1.9 }, spread: 0.8 },
    }),
    rating(rubrics.leafColour, {
      measure: 'looks',
      name: 'Looks from above, before lifting',
      readingDays: [39],
      usual: { process: 'rating', level: { '': 3.3, L: 3.4 }, spread: 0.7 },
    }),
  ],
  endRule: 'day 40, all lifted',
  kept: [
    ...usuallyKept.filter(({ what }) => !['seed lot and age', 'sowing depth', 'sowing day'].includes(what)),
    ...kept(['mother plants', 'each gives as many of both'], ['length', '8 cm'], ['depth', 'two leaf pairs deep']),
  ],
  materials: ['40 cuttings', '40 small pots', 'mix', 'clean blade', 'labels'],
  steps: [
    'Cut and stick one piece a pot.',
    'Rate the looks from above before lifting.',
    'Lift all; missing ones count as failures and are shown.',
  ],
  cautions: [cautions.blades],
  troubles: ['A missing cutting left out of the total makes the rate look better.'],
  decision: 'Two thirds or more rooted: keep doing it. A third to two thirds: wait and stick more. Less: discard the way.',
  notTested: ['how they grow on'],
  spreadGuess: 0.5,
  controlGuess: 0.5,
};
