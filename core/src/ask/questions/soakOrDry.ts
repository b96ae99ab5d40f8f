import { cautions } from '../cautions';
import { control, count, event, kept, plainQuestion, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const soakOrDry: ReadyQuestion = {
  ...plainQuestion,
  id: 'soak-or-dry',
  theme: 'sprouting',
  title: 'Does soaking seed before sowing help?',
  about: 'One side says a night in water, the other says a moist bed is enough.',
  words: ['soak', 'soaking', 'water', 'seed', 'pea', 'bean', 'germination', 'overnight'],
  plant: 'pea seed',
  changed: 'hours in plain water before sowing',
  question: 'Does soaking pea seed before sowing change how many come up, and for how long should it soak?',
  hypothesis: 'More pea seeds sprout within 14 days after a soak than sown dry into moist mix.',
  nullHypothesis: 'Soaking makes no difference to how many pea seeds sprout.',
  arms: [
    control('dry into moist mix', { dose: 0, doseUnit: 'h' }),
    treatment('8', '8 h in water', { dose: 8, doseUnit: 'h' }),
    treatment('18', '18 h in water', { dose: 18, doseUnit: 'h' }),
    treatment('24', '24 h in water', { dose: 24, doseUnit: 'h' }),
  ],
  unitWord: 'tray',
  unitsPerArm: 6,
  sown: 25,
  measures: [
    count({
      measure: 'sprouts', name: 'Normal sprouts', primary: true, smallestDifference: 15, readingDays: [4, 6, 8, 10, 14],
      usual: { process: 'sprouting', share: { '': 0.72, 8: 0.86, 18: 0.88, 24: 0.8 }, thermalTime: { '': 95, 8: 80, 18: 76, 24: 78 }, base: 4, seedSpread: 0.25 },
    }),
    event({ measure: 'first', name: 'First sprout', readingDays: [4, 6, 8, 10, 14], usual: { process: 'event', days: { '': 5.5, 8: 4.6, 18: 4.4, 24: 4.4 }, spread: 0.15 } }),
    count({ measure: 'rotted', name: 'Rotted seeds', higherIs: 'worse', readingDays: [14], usual: { process: 'share', share: { '': 0.05, 24: 0.12 }, from: 6, to: 14 } }),
  ],
  endRule: 'day 14',
  kept: [...usuallyKept, ...kept(['mix moisture', 'wetted by weight before sowing'], ['heat mat', 'one mat under all, or none'])],
  stages: [
    { name: 'soak in plain water', kind: 'soak', arms: ['8'], hours: 8, tested: true },
    { name: 'soak in plain water', kind: 'soak', arms: ['18'], hours: 18, tested: true },
    { name: 'soak in plain water', kind: 'soak', arms: ['24'], hours: 24, tested: true },
  ],
  materials: ['600 pea seeds of one packet', '24 trays or cell rows', 'seed mix, one bag', 'three jars with room-temperature water', 'clock', '24 labels'],
  steps: ['Start each soak so many hours before one common sowing time.', 'Wet the mix of every tray to the same weight.', 'Drain, and sow all arms together, 25 seeds a tray, the same depth.', 'Water every tray with the same amount.'],
  cautions: [cautions.dressedSeed],
  troubles: ['The dry arm is watered more because it “needs it”.', 'Soaked seed that splits or rots.', 'Two seeds in one cell.'],
  notTested: ['later yield'],
  spreadGuess: 0.11,
  controlGuess: 0.7,
  controlBars: [],
};
