import { control, count, event, keptIn, keptSame, onePer, plainQuestion, thingOf, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const warmthAndSpeed: ReadyQuestion = {
  ...plainQuestion,
  id: 'warmth-and-speed',
  theme: 'sprouting',
  title: 'How much faster do seeds sprout in the warm?',
  about: 'A cool and a warm place, swapped after each batch, so that it is the warmth and not the place.',
  words: ['temperature', 'warmth', 'heat mat', 'speed', 'germination', 'cool', 'warm', 'degree'],
  plant: 'radish',
  changed: 'warmth of the place',
  question: 'How many days sooner does half of the {plant} seed sprout {with:W} than {with:C}?',
  arms: [
    control('cool place, about 16 °C', { phrase: 'in the cool place' }),
    treatment('W', 'warm place, about 23 °C', { phrase: 'in the warm place' }),
  ],
  unitNoun: 'dish',
  unitsPerArm: 8,
  sown: 20,
  layout: 'pairs',
  blocks: 8,
  light: 'none',
  batches: { everyDays: 7 },
  shares: [{ what: 'place for a week', by: 'unit' }],
  agesFrom: 9,
  measures: [
    event({
      code: 'first',
      name: 'First sprout',
      primary: true,
      expected: 'less',
      smallestDifference: 1.2,
      readingDays: [1, 2, 3, 4, 5, 6, 7],
      usual: { process: 'event', days: { '': 3.6, W: 2.1 }, spread: 0.12 },
    }),
    count({
      code: 'sprouts',
      name: 'Normal sprouts',
      readingDays: [1, 2, 3, 4, 5, 6, 7],
      usual: { process: 'sprouting', share: { '': 0.92 }, thermalTime: { '': 44, W: 27 }, base: 4, seedSpread: 0.2 },
    }),
  ],
  endRule: 'day {end} of the last batch',
  kept: [
    ...keptIn('dishes', 'temperature', 'place on the shelf', 'sowing day'),
    ...keptSame(
      ['how warm', 'both places read each day; the warm one set by a mat or a cupboard, the cool one by a cellar or a shelf'],
      ['places', 'the warm and the cool place change rooms after each batch, where that can be done'],
    ),
  ],
  kit: { things: [thingOf(['W'], 'heat mat with a thermostat'), onePer('group', 'thermometers'), ...things('paper')] },
  steps: [
    'Each week lay {sown} {putIn} in each of two {units}; one stands warm, one cool.',
    'Count each day at one hour.',
    'After each batch swap which place is warm.',
  ],
  hazards: ['electricity', 'mould'],
  commonMistakes: ['{Each} {units} in one warm cupboard count as one cupboard.', 'The warm {units} dry out: close the lids.'],
  notTested: ['hotter than 25 °C'],
  spreadGuess: 0.14,
  controlGuess: 3.6,
  chance: 0.82,
};
