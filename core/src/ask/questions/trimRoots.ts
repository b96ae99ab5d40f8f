import { cautions } from '../cautions';
import { amount, control, event, harvest, kept, plainQuestion, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const trimRoots: ReadyQuestion = {
  ...plainQuestion,
  id: 'trim-roots',
  theme: 'roots-in-water',
  title: 'Does trimming the roots harm a plant in water?',
  about: 'Roots block the pump, so they are cut by a third. What does the leaf say?',
  words: ['trim', 'root', 'prune', 'pump', 'basil', 'hydroponic', 'pod', 'regrow'],
  plant: 'basil in water',
  changed: 'roots trimmed by a third',
  question: 'Does basil with trimmed roots give less leaf than basil with whole roots?',
  hypothesis: 'Basil with trimmed roots gives less leaf in total over three cuts than basil with whole roots.',
  nullHypothesis: 'Trimming the roots makes no difference to the leaf.',
  arms: [control('lifted, not trimmed'), treatment('T', 'trimmed by a third')],
  unitWord: 'pod',
  unitsPerArm: 8,
  sown: 3,
  plantsKept: 1,
  thinningRule: 'keep the one nearest the centre',
  measures: [
    harvest('g', { measure: 'leaf', name: 'Leaf cut in total', primary: true, higherIs: 'worse', smallestDifference: 12, readingDays: [28, 42, 56], usual: { process: 'harvest', each: { '': 22, T: 18 }, spread: 0.12 } }),
    amount('g', { measure: 'root', name: 'Root mass at the end', higherIs: 'worse', readingDays: [56], usual: { process: 'level', level: { '': 30, T: 22 }, rate: 0.2 } }),
    amount('cm', { measure: 'regrowth', name: 'Regrowth a week after the cut', higherIs: 'worse', readingDays: [35, 49], usual: { process: 'level', level: { '': 6, T: 5.2 }, rate: 0.3 } }),
    event({ measure: 'blocked', name: 'Blocked pump', higherIs: 'better', readingDays: [28, 35, 42, 49, 56], usual: { process: 'event', days: { '': 48, T: 80 }, spread: 0.2 } }),
  ],
  endRule: 'day 56',
  stages: [{ name: 'lifted out of the pod', kind: 'handle', arms: ['C', 'T'], hours: null, tested: false }],
  kept: [...usuallyKept, ...kept(['litres added', 'logged for each'], ['blades', 'wiped between plants'])],
  materials: ['16 pods', 'clean scissors', 'alcohol wipes', 'balance'],
  steps: ['Sow three a pod, keep the one nearest the centre.', 'Every 14 days lift every plant; trim a third off the treated ones, never near the crown.', 'Wipe the blades between plants; wash hands.', 'Cut and weigh the leaf on the days.'],
  cautions: [cautions.blades, cautions.chemicals, cautions.electricity],
  troubles: ['The control left in its pod while the others are lifted.'],
  notTested: ['flavour'],
  spreadGuess: 0.1,
  controlGuess: 66,
};
