import { cautions } from '../cautions';
import { amount, control, harvest, plainQuestion, stage, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const anyClaim: ReadyQuestion = {
  ...plainQuestion,
  id: 'a-claim',
  theme: 'growing-claims',
  title: 'A tip that everyone repeats: is it true?',
  about: 'The empty frame for any tip. The null is favoured until the data say otherwise.',
  words: ['garden tip', 'claim', 'trick', 'hack'],
  plant: 'lettuce',
  changed: 'the thing that the tip says to do',
  question: 'Does lettuce with the treatment give more leaf than lettuce that is handled just the same without it?',
  hypothesis: 'Lettuce with the treatment gives more leaf in total than lettuce with a dummy.',
  nullHypothesis: 'The treatment makes no difference to the leaf in total.',
  arms: [control('dummy, handled the same'), treatment('X', 'with the treatment')],
  unitWord: 'pot',
  unitsPerArm: 10,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  measures: [
    harvest('g', {
      measure: 'leaf',
      name: 'Leaf picked in total',
      primary: true,
      smallestDifference: 20,
      readingDays: [28, 35, 42, 49],
      usual: { process: 'harvest', each: { '': 24 }, spread: 0.15 },
    }),
    amount('cm', { measure: 'height', name: 'Height', readingDays: [14, 28], usual: { process: 'level', level: { '': 15 }, rate: 0.06 } }),
  ],
  endRule: 'when they bolt, or day 49',
  stages: [stage({ name: 'handling', kind: 'handle', arms: ['C', 'X'] })],
  materials: ['20 pots with one plant each', 'the thing itself', 'a dummy that looks and weighs the same', 'balance', 'labels'],
  steps: [
    'Ask who says so, how it is said to work, and whether this bench lets it.',
    'Give the control a dummy, and handle both alike.',
    'Pick each week, weigh each pot apart, until they bolt.',
  ],
  cautions: [cautions.soil],
  troubles: ['A control that is left alone, while the treated pots are handled each day.'],
  notTested: ['what else the tip promises'],
  spreadGuess: 0.15,
  controlGuess: 96,
};
