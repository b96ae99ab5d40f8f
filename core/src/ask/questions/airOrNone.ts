import { amount, control, keptIn, keptSame, oneEach, plainQuestion, rating, things, treatment } from '../makers';
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
  question: 'Does {crop} weigh more {with:A} than {with:C}?',
  arms: [control('still water', { phrase: 'in still water' }), treatment('A', 'air pump', { phrase: 'with an air pump' })],
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
      smallestDifference: 15,
      readingDays: [28],
      usual: { process: 'level', level: { '': 66, A: 80 }, rate: 0.3 },
    }),
    rating(rubrics.waterRoots, {
      code: 'roots',
      name: 'Root colour',
      readingDays: [14, 28],
      usual: { process: 'rating', level: { '': 3.4, A: 4.4 }, spread: 0.5 },
    }),
    amount('°C', {
      code: 'warmth',
      name: 'Water temperature',
      higherIs: 'neither',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'level', level: { '': 20.8, A: 20.5 }, rate: 1 },
    }),
  ],
  kept: [
    ...keptIn('tanks', 'feed', 'water temperature', 'litres'),
    ...keptSame(['feed', 'the same ppm in every {unit}'], ['water temperature', 'measured each week']),
  ],
  kit: {
    containers: 'with lids alike',
    lot: 'of one sowing',
    things: [oneEach('air pumps', ['A']), oneEach('pumps that hum without air', ['C']), ...things('feed', 'thermometer', 'balance')],
  },
  steps: [
    'Mix the feed once, the same ppm for all.',
    'One plant a {unit}; half of the {units} of each kind start a week later, as a batch.',
    'Top up each {unit} to its line and log it: both kinds are kept full.',
    'Weigh the heads on day {last}.',
  ],
  hazards: ['electricity'],
  commonMistakes: [
    '{groupIs:C still water}Some let the level of still water fall, so that roots hang in air: that would be a third group.',
    '{groupIs:C still water}Warm still water rots.',
    '“No clear difference” needs its limits: how many grams could be hidden?',
  ],
  notTested: ['larger or warmer systems'],
  spreadGuess: 0.12,
  controlGuess: 66,
  batches: { everyDays: 7 },
  shares: [
    { what: 'tank with its own pump', by: 'unit' },
    { what: 'batch of feed', by: 'all' },
  ],
  chance: 0.98,
};
