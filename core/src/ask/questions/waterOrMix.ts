import { cautions } from '../cautions';
import { amount, control, count, event, kept, plainQuestion, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const waterOrMix: ReadyQuestion = {
  ...plainQuestion,
  id: 'water-or-mix',
  theme: 'cuttings-and-containers',
  title: 'Do cuttings root better in water or in mix?',
  about: 'A glass on the sill against a pot in a closed bag. Moving rooted cuttings loses some.',
  words: ['cutting', 'potting mix', 'propagate', 'mint', 'stem'],
  plant: 'mint cuttings',
  changed: 'what the cutting stands in',
  question: 'Do more mint cuttings root within 30 days in water than in mix?',
  hypothesis: 'More mint cuttings have roots on day 30 in water than in mix in a closed bag.',
  nullHypothesis: 'Water or mix makes no difference to how many cuttings root.',
  arms: [control('mix in a closed bag'), treatment('W', 'water')],
  unitWord: 'cutting',
  putIn: 'cuttings',
  unitsPerArm: 12,
  sown: 1,
  layout: 'pairs',
  light: 'window',
  measures: [
    count({
      measure: 'rooted',
      name: 'Rooted on day 30',
      primary: true,
      smallestDifference: 40,
      readingDays: [30],
      usual: { process: 'share', share: { '': 0.55, W: 0.95 }, from: 10, to: 28 },
    }),
    amount('roots', {
      measure: 'roots',
      name: 'Number of roots',
      readingDays: [30],
      usual: { process: 'level', level: { '': 6, W: 9 }, rate: 0.3 },
    }),
    event({
      measure: 'growing',
      name: 'First growing point',
      readingDays: [7, 14, 21, 30],
      usual: { process: 'event', days: { '': 18, W: 14 }, spread: 0.25 },
    }),
  ],
  endRule: 'day 30, then six months for the living plants',
  kept: [
    ...usuallyKept.filter(({ what }) => !['seed lot and age', 'mix', 'sowing depth', 'sowing day'].includes(what)),
    ...kept(['mother plant', 'one stem cut in two makes a pair'], ['length', '8 cm, two leaves'], ['cutting day', 'all on day 0']),
  ],
  materials: ['12 long stems', '12 glasses', '12 pots with mix and bags', 'clean blade', 'labels'],
  steps: [
    'Cut each stem in two; a coin says which half goes where.',
    'One cutting a pot or glass, labelled.',
    'Change the water each week.',
    'Lift and count the roots on day 30.',
  ],
  cautions: [cautions.blades, cautions.soil],
  troubles: ['Two arms in one pot cannot be told apart later.', 'The move to mix loses some: note the day and the step of each loss.'],
  notTested: ['living plants after six months'],
  expectedSurvival: 0.9,
  spreadGuess: 0.4,
  controlGuess: 0.55,
};
