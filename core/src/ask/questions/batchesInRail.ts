import { cautions } from '../cautions';
import { amount, control, keptSame, keptIn, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const batchesInRail: ReadyQuestion = {
  ...plainQuestion,
  id: 'batches-in-rail',
  theme: 'roots-in-water',
  title: 'Two rails of running water: does a stronger feed pay?',
  about: 'Plants in one rail drink one water, so a rail counts once. Two rails and batch after batch, the feeds swapped each time.',
  words: ['rail', 'flow-through', 'hydroponic', 'channel', 'batch', 'stronger feed', 'lettuce', 'nutrient strength', 'pump'],
  plant: 'lettuce in a rail',
  changed: 'strength of the feed in the rail',
  question: 'Does lettuce in a rail with a stronger feed weigh more than lettuce with the usual feed?',
  arms: [
    control('usual feed, 600 ppm', { phrase: 'with the usual feed, 600 ppm' }),
    treatment('S', 'stronger feed, 900 ppm', { phrase: 'with a stronger feed, 900 ppm' }),
  ],
  unitNoun: 'rail',
  propagule: 'plants',
  place: 'water culture',
  unitsPerArm: 8,
  sown: null,
  layout: 'pairs',
  blocks: 8,
  batches: { everyDays: 30 },
  shares: [{ what: 'rail with its pump for a batch', by: 'unit' }],
  agesFrom: 13,
  measures: [
    amount('g', {
      code: 'head',
      name: 'Head mass, mean of the rail',
      primary: true,
      smallestDifference: 12,
      readingDays: [28],
      usual: { process: 'level', level: { '': 90, S: 106 }, rate: 0.3 },
    }),
    amount('ppm', {
      code: 'strength',
      name: 'Strength of the water',
      higherIs: 'neither',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'level', level: { '': 600, S: 900 }, rate: 1 },
    }),
  ],
  endRule: 'day 28 of the eighth batch',
  kept: [
    ...keptIn('tanks', 'feed', 'place on the bench'),
    ...keptSame(
      ['plants a rail', 'the same number, the same places'],
      ['rails', 'the feeds change rails after each batch'],
      ['kind of feed', 'one bottle, mixed stronger or weaker'],
    ),
  ],
  materials: ['2 rails with a pump and a tank each', '8 batches of 12 young plants', 'feed', 'meter for ppm', 'balance'],
  steps: [
    'Set six young plants in each rail; a coin says which rail gets the stronger feed first.',
    'Bring both tanks to their ppm each week, and log it.',
    'Weigh every head on day 28: the rail’s mean is its value.',
    'Rinse, swap the feeds, and set the next batch.',
  ],
  cautions: [cautions.electricity, cautions.chemicals],
  commonMistakes: ['Six plants in a rail are one value, not six.', 'One rail always stronger: then the rail is tested.'],
  notTested: ['other strengths', 'flavour'],
  spreadGuess: 0.07,
  controlGuess: 90,
  chance: 0.88,
};
