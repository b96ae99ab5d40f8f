import { cautions } from '../cautions';
import { amount, control, event, harvest, plainQuestion, rating, stage, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const buriedScraps: ReadyQuestion = {
  ...plainQuestion,
  id: 'buried-scraps',
  theme: 'soil-life',
  title: 'Do kitchen scraps buried under a plant help it?',
  about: 'A spade deep under the tomatoes. Rot may slow roots first and feed them later.',
  words: ['scraps', 'bury', 'trench', 'compost', 'tomato', 'harvest', 'fish'],
  plant: 'tomato',
  changed: 'scraps buried a spade deep',
  question: 'Do tomatoes over buried scraps give more fruit than tomatoes in untouched soil?',
  hypothesis: 'Tomatoes over buried scraps give more fruit over the season than tomatoes in dug soil without scraps.',
  nullHypothesis: 'Buried scraps make no difference to the harvest.',
  arms: [control('dug, nothing buried'), treatment('S', 'scraps a spade deep')],
  unitWord: 'plant',
  place: 'ground',
  unitsPerArm: 8,
  sown: null,
  layout: 'pairs',
  light: 'none',
  measures: [
    harvest('g', {
      measure: 'fruit',
      name: 'Fruit a plant',
      primary: true,
      smallestDifference: 500,
      readingDays: [90, 120, 150, 180],
      usual: { process: 'harvest', each: { '': 700, S: 860 }, spread: 0.15 },
    }),
    rating(rubrics.leafColour, {
      measure: 'colour',
      name: 'Leaf colour',
      readingDays: [21, 60, 120, 180],
      usual: { process: 'rating', level: { '': 3.4, S: 3.7 }, spread: 0.5 },
    }),
    amount('cm', {
      measure: 'height',
      name: 'Height',
      readingDays: [21, 60, 120],
      usual: { process: 'level', level: { '': 150, S: 155 }, rate: 0.015 },
    }),
    event({
      measure: 'ripe',
      name: 'First ripe fruit',
      readingDays: [60, 75, 90, 105, 120],
      usual: { process: 'event', days: { '': 82, S: 86 }, spread: 0.08 },
    }),
  ],
  endRule: 'the death of the last plant',
  stages: [stage({ name: 'dug a spade deep', kind: 'handle', arms: ['C', 'S'] })],
  materials: ['16 young tomatoes of one sowing', 'barrier between the halves', 'fence', 'balance', '16 labels'],
  steps: [
    'Mark pairs along the bed, so that sun and soil are alike inside a pair.',
    'Dig both places; bury the scraps in one, chosen by coin.',
    'Plant on the same day; weigh every picking of each plant.',
  ],
  cautions: [cautions.vermin, cautions.soil],
  troubles: ['The lead changes: smaller early, longer-lived later.'],
  canReach: ['roots'],
  expectedSurvival: 0.9,
  spreadGuess: 0.2,
  controlGuess: 2800,
};
