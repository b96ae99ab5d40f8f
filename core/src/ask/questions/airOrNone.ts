import { cautions } from '../cautions';
import { amount, control, kept, plainQuestion, rating, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const airOrNone: ReadyQuestion = {
  ...plainQuestion,
  id: 'air-or-none',
  theme: 'roots-in-water',
  title: 'Does an air pump help roots in water?',
  about: 'Bubbles in the tank against still water. The tank is the unit, not the plant.',
  words: ['air stone', 'bubbles', 'oxygen', 'hydroponic', 'tank', 'lettuce', 'root rot'],
  plant: 'lettuce in water',
  changed: 'air bubbled through the water',
  question: 'Does lettuce in tanks with an air pump weigh more than lettuce in still tanks?',
  hypothesis: 'Lettuce with an air pump is heavier after 28 days than without.',
  nullHypothesis: 'The air pump makes no difference to the mass.',
  arms: [control('air pump'), treatment('N', 'still water')],
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
      usual: { process: 'level', level: { '': 80, N: 66 }, rate: 0.3 },
    }),
    rating(rubrics.waterRoots, {
      measure: 'roots',
      name: 'Root colour',
      readingDays: [14, 28],
      usual: { process: 'rating', level: { '': 4.4, N: 3.4 }, spread: 0.5 },
    }),
    amount('°C', {
      measure: 'warmth',
      name: 'Water temperature',
      higherIs: 'neither',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'level', level: { '': 20.5, N: 20.8 }, rate: 1 },
    }),
  ],
  endRule: 'day 28',
  kept: [
    ...usuallyKept.filter(({ what }) => !['mix', 'sowing depth'].includes(what)),
    ...kept(['feed', 'the same ppm in every tank'], ['water temperature', 'measured each week']),
  ],
  materials: ['12 tanks', '6 air pumps, 6 dummies that hum', 'feed', 'thermometer', 'balance'],
  steps: [
    'Mix the feed once, the same ppm for all.',
    'One plant a tank; shuffle the tanks in two batches.',
    'Top up each tank to its line and log it.',
    'Weigh the heads on day 28.',
  ],
  cautions: [cautions.electricity],
  troubles: ['Warm still water rots.', '“No clear gap” needs its limits: how many grams could be hidden?'],
  notTested: ['larger or warmer systems'],
  spreadGuess: 0.12,
  controlGuess: 80,
};
