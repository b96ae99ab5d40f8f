import { cautions } from '../cautions';
import { amount, control, kept, plainQuestion, rating, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const clearOrCovered: ReadyQuestion = {
  ...plainQuestion,
  id: 'clear-or-covered',
  theme: 'roots-in-water',
  title: 'Does a clear tank harm plants in water?',
  about: 'Light on water grows algae. Do they cost the plant anything?',
  words: ['see-through', 'covered', 'algae', 'dark', 'tank', 'hydroponic', 'foil', 'root rot'],
  plant: 'lettuce in water',
  changed: 'light through the wall of the tank',
  question: 'Does lettuce in clear tanks weigh less than lettuce in covered tanks?',
  hypothesis: 'Lettuce in clear tanks is lighter after 28 days than lettuce in covered tanks.',
  nullHypothesis: 'Covering the tank makes no difference to the mass.',
  arms: [control('covered'), treatment('K', 'clear')],
  unitWord: 'tank',
  putIn: 'plants',
  place: 'water culture',
  unitsPerArm: 6,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  measures: [
    amount('g', {
      measure: 'head',
      name: 'Head mass',
      primary: true,
      higherIs: 'better',
      expected: 'less',
      smallestDifference: 15,
      readingDays: [28],
      usual: { process: 'level', level: { '': 82, K: 76 }, rate: 0.3 },
    }),
    rating(rubrics.algae, {
      measure: 'algae',
      name: 'Algae',
      higherIs: 'worse',
      readingDays: [14, 28],
      usual: { process: 'rating', level: { '': 0.2, K: 2.2 }, spread: 0.5 },
    }),
    rating(rubrics.waterRoots, {
      measure: 'roots',
      name: 'Roots',
      readingDays: [28],
      usual: { process: 'rating', level: { '': 4.3, K: 3.8 }, spread: 0.5 },
    }),
    amount('leaves', {
      measure: 'tipburn',
      name: 'Leaves with burnt tips',
      higherIs: 'worse',
      readingDays: [28],
      usual: { process: 'level', level: { '': 1.5 }, rate: 1 },
    }),
  ],
  endRule: 'day 28',
  kept: [
    ...usuallyKept.filter(({ what }) => !['mix', 'sowing depth'].includes(what)),
    ...kept(['litres and strength', 'the same litres, the same ppm'], ['front and back', 'as blocks']),
  ],
  materials: ['12 clear tanks', 'covers for six', 'feed', 'balance'],
  steps: [
    'Fill all tanks with the same litres at the same ppm.',
    'Cover six, chosen by shuffle, front and back alike.',
    'Look at the roots every two weeks.',
  ],
  cautions: [cautions.electricity, cautions.chemicals],
  troubles: ['Peroxide against algae in one arm only; never with seedlings.'],
  notTested: ['smell and work'],
  spreadGuess: 0.12,
  controlGuess: 82,
};
