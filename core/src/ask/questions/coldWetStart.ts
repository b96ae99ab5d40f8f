import { cautions } from '../cautions';
import { amount, control, count, kept, plainQuestion, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const coldWetStart: ReadyQuestion = {
  ...plainQuestion,
  id: 'cold-wet-start',
  theme: 'sprouting',
  title: 'Does cold water in the first days harm seed?',
  about: 'Maize drinks in its first hours. If that water is cold, the stand may be thin.',
  words: ['cold', 'maize', 'corn', 'chilling', 'wet', 'spring', 'early sowing', 'imbibition'],
  plant: 'maize',
  changed: 'the temperature of the first days',
  question: 'Do fewer maize seeds come up after a cold wet start than after a start at 15 °C?',
  hypothesis: 'Fewer maize seeds are up by day 14 after five days at 4 °C than after a start at 15 °C.',
  nullHypothesis: 'A cold start makes no difference to how many maize seeds come up.',
  arms: [control('15 °C from the start'), treatment('K', '4 °C, then 10 °C, then 18 °C')],
  unitWord: 'tray',
  unitsPerArm: 8,
  sown: 25,
  layout: 'blocks',
  blocks: 2,
  light: 'none',
  measures: [
    count({
      measure: 'up', name: 'Seedlings up on day 14', primary: true, higherIs: 'worse', smallestDifference: 15, readingDays: [10, 14],
      usual: { process: 'share', share: { '': 0.92, K: 0.7 }, from: 6, to: 13 },
    }),
    amount('mm', { measure: 'shoot', name: 'Shoot length', higherIs: 'worse', readingDays: [14], usual: { process: 'level', level: { '': 95, K: 62 }, rate: 0.3 } }),
    amount('mm', { measure: 'spread', name: 'Spread of shoot lengths', higherIs: 'better', readingDays: [14], usual: { process: 'level', level: { '': 12, K: 21 }, rate: 0.5 } }),
  ],
  endRule: 'day 14',
  kept: [...usuallyKept, ...kept(['water the seed drinks', '30 % of the seed’s weight for every tray'], ['medium', 'wetted by weight, one batch'])],
  stages: [{ name: '5 days at 4 °C, 5 at 10 °C, then 18 °C', kind: 'cold', arms: ['K'], hours: 240, tested: true }],
  materials: ['400 maize seeds', '16 trays', 'vermiculite, wetted by weight', 'two refrigerators, or one used twice', 'thermometer'],
  steps: ['Weigh 25 seeds for each tray and give each its share of water.', 'Run two refrigerators, or repeat the whole in time: each is a block.', 'Change the stages on their days, for all trays of the block.', 'On day 14 count what is up: none, behind, good.'],
  cautions: [cautions.dressedSeed],
  troubles: ['A refrigerator is a container: one alone cannot be told from the cold.', 'Stages changed on the way.'],
  spreadGuess: 0.08,
  controlGuess: 0.9,
  controlBars: [{ measure: 'up', least: 75, most: null }],
};
