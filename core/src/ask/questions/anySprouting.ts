import { control, count, event, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const anySprouting: ReadyQuestion = {
  ...plainQuestion,
  id: 'any-sprouting',
  theme: 'frames',
  title: 'Does X change sprouting?',
  about: 'An empty frame for anything that is done to seeds or to what they lie in.',
  words: ['seed', 'germination', 'sprout', 'soak', 'salt', 'dish', 'anything'],
  plant: 'radish',
  changed: 'what the seeds are given',
  question: 'Does X change how many radish seeds sprout?',
  hypothesis: 'Fewer radish seeds sprout with X than with plain water.',
  nullHypothesis: 'X makes no difference to how many radish seeds sprout.',
  arms: [control('Plain water'), treatment('X', 'X')],
  unitWord: 'dish',
  unitsPerArm: 6,
  sown: 25,
  measures: [
    count({
      measure: 'sprouts', name: 'Normal sprouts', primary: true, higherIs: 'worse', smallestDifference: 20, readingDays: [3, 5, 7, 10],
      usual: { process: 'sprouting', share: { '': 0.9, X: 0.6 }, thermalTime: { '': 65, X: 85 }, base: 3, seedSpread: 0.25 },
    }),
    event({ measure: 'first-sprout', name: 'First sprout', readingDays: [3, 5, 7, 10], usual: { process: 'event', days: { '': 3.4, X: 4.6 }, spread: 0.2 } }),
  ],
  endRule: 'day 10, or when two readings add no sprout',
  materials: ['seed from one packet', 'dishes with lids', 'filter paper or kitchen paper', 'measuring syringe', 'labels'],
  steps: ['Line every dish with the same paper.', 'Give each dish the same volume of its liquid.', 'Lay the seeds out evenly, none touching.', 'Close, label, and stand the dishes where the plan says.'],
  cautions: ['Seeds sold for sowing may be dressed: not for eating or bare hands. Wash hands afterwards.'],
  troubles: ['A seed that only just splits is not a sprout yet.', 'Dishes that dry out at the edge.'],
  spreadGuess: 0.08,
  controlGuess: 0.85,
  controlBars: [{ measure: 'sprouts', least: 60, most: null }],
};
