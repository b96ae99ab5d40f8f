import { cautions } from '../cautions';
import { amount, control, event, kept, plainQuestion, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const whereToGrow: ReadyQuestion = {
  ...plainQuestion,
  id: 'where-to-grow',
  theme: 'cuttings-and-containers',
  title: 'Bed, pot or raised bed: where does it yield most?',
  about: 'Totals over unequal plant numbers fool everyone: weigh each plant apart.',
  words: ['pot', 'raised bed', 'ground', 'container', 'yield', 'cabbage', 'where', 'bed'],
  plant: 'cabbage',
  changed: 'where it grows',
  question: 'Do cabbages in a raised bed give heavier heads than cabbages in the ground?',
  hypothesis: 'Heads from the raised bed are heavier than heads from the ground.',
  nullHypothesis: 'Where it grows makes no difference to the mass of the head.',
  arms: [control('in the ground'), treatment('R', 'raised bed'), treatment('P', 'big pot')],
  unitWord: 'plant',
  unitsPerArm: 8,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  light: 'none',
  measures: [
    amount('g', {
      measure: 'head',
      name: 'Head mass',
      primary: true,
      smallestDifference: 150,
      readingDays: [80],
      usual: { process: 'level', level: { '': 900, R: 1080, P: 700 }, rate: 0.2 },
    }),
    amount('cm', {
      measure: 'width',
      name: 'Head width',
      readingDays: [80],
      usual: { process: 'level', level: { '': 18, R: 19, P: 15 }, rate: 0.2 },
    }),
    event({
      measure: 'ready',
      name: 'Ready to cut',
      readingDays: [60, 65, 70, 75, 80],
      usual: { process: 'event', days: { '': 72, R: 69, P: 75 }, spread: 0.06 },
    }),
  ],
  endRule: 'day 80',
  kept: [...usuallyKept, ...kept(['feed a plant', 'the same grams to each'], ['sun along the bed', 'as blocks'])],
  materials: ['24 young plants of one sowing', 'beds and pots filled with one mix', 'balance', 'labels'],
  steps: [
    'Give each plant the same mix, feed and water.',
    'Plant some of each in the sunny and some in the shady half.',
    'Weigh each head apart.',
  ],
  cautions: [cautions.soil, cautions.blades],
  troubles: ['Disease: log it, treat both alike, clean tools between plants.', 'Pots dry out first.'],
  expectedSurvival: 0.9,
  spreadGuess: 0.15,
  controlGuess: 900,
};
