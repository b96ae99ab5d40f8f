import { cautions } from '../cautions';
import { amount, control, count, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const storeCupboard: ReadyQuestion = {
  ...plainQuestion,
  id: 'store-cupboard',
  theme: 'sprouting',
  title: 'Will food-shop or old seed grow?',
  about: 'A bag of dried beans costs a tenth of a seed packet. Is it worth sowing?',
  words: ['cupboard', 'old seed', 'beans', 'food', 'shop', 'expired', 'lentil', 'save'],
  plant: 'bean seed',
  changed: 'where the seed comes from',
  question: 'Do as many beans from the cupboard sprout as beans sold for sowing?',
  hypothesis: 'Fewer cupboard beans sprout within 14 days than beans sold for sowing.',
  nullHypothesis: 'Cupboard beans sprout as well as beans sold for sowing.',
  arms: [control('sold for sowing'), treatment('K', 'kitchen bag'), treatment('O', 'packet from four years ago')],
  unitWord: 'towel',
  unitsPerArm: 6,
  sown: 25,
  light: 'none',
  measures: [
    count({
      measure: 'sprouts', name: 'Normal sprouts', primary: true, higherIs: 'worse', smallestDifference: 15, readingDays: [4, 7, 10, 14],
      usual: { process: 'sprouting', share: { '': 0.92, K: 0.74, O: 0.6 }, thermalTime: { '': 62, K: 72, O: 84 }, base: 7, seedSpread: 0.25 },
    }),
    count({ measure: 'damaged', name: 'Damaged sprouts', higherIs: 'worse', readingDays: [14], usual: { process: 'share', share: { '': 0.03, K: 0.1, O: 0.08 }, from: 5, to: 14 } }),
    amount('mm', { measure: 'root', name: 'Root length, mean of five', readingDays: [7], usual: { process: 'level', level: { '': 48, K: 42, O: 33 }, rate: 0.5 } }),
  ],
  endRule: 'day 14',
  materials: ['150 seeds of each bag', '18 towels in bags', 'warm place', '18 labels'],
  steps: ['Take a quick look with ten seeds of each first.', 'Fold 25 seeds into each damp towel.', 'Keep them closed and warm; count on the days.'],
  cautions: [cautions.dressedSeed, cautions.mould],
  troubles: ['Ten seeds are a quick look, four times twenty-five a test.', 'Split or snapped seeds are damaged even if a root shows.'],
  notTested: ['which variety it is', 'whether it climbs or stays bushy'],
  decision: '70 % or more: good enough to sow. 40 to 70 %: sow thicker. Under 40 %: do not sow.',
  spreadGuess: 0.08,
  controlGuess: 0.9,
  controlBars: [{ measure: 'sprouts', least: 70, most: null }],
};
