import { amount, control, keptIn, keptSame, oneEach, plainQuestion, rating, things, treatment } from '../makers';
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
  question: 'Does {crop} weigh less {with:K} than {with:C}?',
  arms: [
    control('sleeve of black card', { phrase: 'in a sleeve of black card' }),
    treatment('K', 'sleeve of clear film', { badge: 'K', phrase: 'in a sleeve of clear film' }),
  ],
  unitNoun: 'tank',
  propagule: 'plants',
  place: 'water culture',
  unitsPerArm: 10,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  measures: [
    amount('g', {
      code: 'head',
      name: 'Head mass',
      primary: true,
      higherIs: 'better',
      expected: 'less',
      smallestDifference: 15,
      readingDays: [28],
      usual: { process: 'level', level: { '': 82, K: 68 }, rate: 0.3 },
    }),
    rating(rubrics.algae, {
      code: 'algae',
      name: 'Algae',
      higherIs: 'worse',
      readingDays: [14, 28],
      usual: { process: 'rating', level: { '': 0.2, K: 2.2 }, spread: 0.5 },
    }),
    rating(rubrics.waterRoots, {
      code: 'roots',
      name: 'Roots',
      readingDays: [28],
      usual: { process: 'rating', level: { '': 4.3, K: 3.8 }, spread: 0.5 },
    }),
    amount('leaves', {
      code: 'tipburn',
      name: 'Leaves with burnt tips',
      higherIs: 'worse',
      readingDays: [28],
      usual: { process: 'level', level: { '': 1.5 }, rate: 1 },
    }),
  ],
  kept: [
    ...keptIn('tanks', 'litres', 'feed'),
    ...keptSame(['litres and strength', 'the same litres, the same ppm'], ['front and back', 'as blocks']),
  ],
  kit: {
    containers: 'that are clear',
    lot: 'of one sowing',
    things: [oneEach('sleeves of black card', ['C']), oneEach('sleeves of clear film', ['K']), ...things('feed', 'balance')],
  },
  steps: [
    'Fill all {units} with the same litres at the same ppm.',
    'Put a sleeve round every {unit}, black or clear by shuffle; lift each as often.',
    'Let light come from the side too: a lamp above alone leaves the wall dark.',
    'Look at the roots every two weeks.',
  ],
  hazards: ['electricity', 'chemical'],
  commonMistakes: ['Peroxide against algae in one group only; never with seedlings.'],
  notTested: ['smell and work'],
  spreadGuess: 0.12,
  controlGuess: 82,
  shares: [
    { what: 'tank', by: 'unit' },
    { what: 'batch of feed', by: 'all' },
  ],
  chance: 0.92,
  mostly: ['supported'],
};
