import { cautions } from '../cautions';
import { amount, control, count, kept, plainQuestion, reference, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const treatingSolution: ReadyQuestion = {
  ...plainQuestion,
  id: 'treating-solution',
  theme: 'sprouting',
  title: 'Does a seed-treating solution beat plain water?',
  about: 'Old seed is bathed in weak solutions to wake it. Is it the solution, or just the bath?',
  words: ['solution', 'peroxide', 'kelp', 'treat', 'bath', 'old seed', 'towel', 'mould'],
  plant: 'squash seed',
  changed: 'what the seed is bathed in, and for how long',
  question: 'Do more squash seeds sprout after a bath in the solution than after the same time in plain water?',
  hypothesis: 'More squash seeds sprout by day 7 after a bath in the solution than after a bath in plain water.',
  nullHypothesis: 'The solution makes no difference to how many squash seeds sprout.',
  arms: [control('plain water, 45 min'), treatment('S', 'solution, 45 min'), treatment('L', 'solution, 2 h'), reference('D', 'dry')],
  unitWord: 'towel',
  unitsPerArm: 8,
  sown: 25,
  layout: 'blocks',
  blocks: 2,
  measures: [
    count({
      measure: 'sprouts', name: 'Normal sprouts', primary: true, smallestDifference: 15, readingDays: [3, 7],
      usual: { process: 'sprouting', share: { '': 0.55, S: 0.66, L: 0.6, D: 0.5 }, thermalTime: { '': 58, S: 52 }, base: 8, seedSpread: 0.3 },
    }),
    amount('mm', { measure: 'root', name: 'Longest root, mean of five', readingDays: [7], usual: { process: 'level', level: { '': 34, S: 38 }, rate: 0.5 } }),
  ],
  endRule: 'day 7',
  kept: [...usuallyKept, ...kept(['bath', 'one time for solution and water alike'], ['towels', 'wrung out by the same hand'])],
  stages: [
    { name: 'bath in plain water', kind: 'soak', arms: ['C'], hours: 0.75, tested: false },
    { name: 'bath in the solution', kind: 'soak', arms: ['S'], hours: 0.75, tested: false },
    { name: 'long bath in the solution', kind: 'soak', arms: ['L'], hours: 2, tested: true },
  ],
  materials: ['800 seeds of two kinds, 400 each', '32 paper towels', '32 bags that close', 'solution, 1 : 500 in half a litre', 'measuring syringe', '32 labels'],
  steps: ['Mix the solution: 1 mL in 500 mL of final mix is 1 : 500.', 'Bathe each arm for its time; the water arm just as long as the short bath.', 'Fold 25 seeds into a damp towel and close it in its bag.', 'Read through the bag on day 3, opened on day 7.'],
  cautions: [cautions.chemicals, cautions.mould, cautions.dressedSeed],
  troubles: ['The water arm soaked for another time than the solution arm.', 'Nine seeds where ten were meant.', '“Just starting” counted for one arm only.', 'A percentage of the wrong total.'],
  notTested: ['whether the seedlings grow on'],
  spreadGuess: 0.11,
  controlGuess: 0.5,
};
