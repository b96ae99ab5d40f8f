import { cautions } from '../cautions';
import { amount, control, count, kept, plainQuestion, rating, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const whatSeedsNeed: ReadyQuestion = {
  ...plainQuestion,
  id: 'what-seeds-need',
  theme: 'sprouting',
  title: 'What does a seed need to come up and grow?',
  about: 'For the youngest: take one thing away and see.',
  words: ['warmth', 'dark', 'bean', 'germination'],
  plant: 'bean',
  changed: 'what the seed is given',
  question: 'What do bean seeds need to come up?',
  hypothesis: 'Fewer beans come up without water, or without light, than with everything.',
  nullHypothesis: 'Light and water make no difference to how many beans come up.',
  arms: [control('everything'), treatment('D', 'no light'), treatment('W', 'no water'), treatment('K', 'no warmth')],
  unitWord: 'cup',
  unitsPerArm: 6,
  sown: 3,
  light: 'window',
  measures: [
    count({
      measure: 'up',
      name: 'Came up',
      primary: true,
      higherIs: 'better',
      expected: 'less',
      smallestDifference: 40,
      readingDays: [4, 7, 10, 14],
      usual: { process: 'sprouting', share: { '': 0.95, W: 0.02, K: 0.5 }, thermalTime: { '': 75, K: 150 }, base: 6, seedSpread: 0.15 },
    }),
    amount('cm', {
      measure: 'height',
      name: 'Height',
      higherIs: 'neither',
      readingDays: [7, 10, 14],
      usual: { process: 'level', level: { '': 11, D: 17, W: 0.2, K: 4 }, rate: 0.15 },
    }),
    rating(rubrics.seedlingColour, {
      measure: 'colour',
      name: 'Colour',
      readingDays: [14],
      usual: { process: 'rating', level: { '': 4, D: 1.3, W: 1, K: 3 }, spread: 0.3 },
    }),
    amount('leaves', {
      measure: 'leaves',
      name: 'Leaf number',
      readingDays: [14],
      usual: { process: 'level', level: { '': 4, D: 2, W: 0.1, K: 2 }, rate: 0.2 },
    }),
  ],
  endRule: 'day 14',
  kept: [...usuallyKept, ...kept(['dark box', 'opened for a minute only at each reading'], ['depth', 'a knuckle deep'])],
  materials: ['72 large beans', '24 cups', 'mix', 'a box that is really dark', 'a cool place', 'labels'],
  steps: [
    'Fill the cups to one line, three beans a knuckle deep in each.',
    'Water all but the dry ones with the same amount.',
    'Put the dark ones in the box, the cool ones in the cool place.',
    'Take a photo at each reading.',
  ],
  cautions: [cautions.dressedSeed, cautions.soil],
  troubles: ['The dark cups grow taller: tall is not healthy.', 'The dark box must be dark when reading too.'],
  notTested: ['what a grown plant needs'],
  spreadGuess: 0.14,
  controlGuess: 0.9,
  controlBars: [{ measure: 'up', least: 60, most: null }],
};
