import { cautions } from '../cautions';
import { amount, control, kept, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const buriedBags: ReadyQuestion = {
  ...plainQuestion,
  id: 'buried-bags',
  theme: 'soil-life',
  title: 'Where does the soil eat faster?',
  about: 'Weigh a tea bag or a cotton square, bury it, lift it, weigh what is left.',
  words: ['tea bag', 'cotton', 'decay', 'soil life', 'decompose', 'dig', 'mulch', 'bury'],
  plant: '',
  changed: 'what is done to the soil above',
  question: 'Do cotton squares under mulch lose more mass in eight weeks than under bare soil?',
  hypothesis: 'Cotton under mulch loses more of its mass in 56 days than cotton under bare soil.',
  nullHypothesis: 'Mulch makes no difference to the mass lost.',
  arms: [control('bare soil'), treatment('M', 'mulched')],
  unitWord: 'bag',
  unitsPerArm: 10,
  sown: null,
  layout: 'pairs',
  light: 'none',
  measures: [
    amount('%', {
      measure: 'lost',
      name: 'Mass lost',
      primary: true,
      smallestDifference: 10,
      readingDays: [56],
      usual: { process: 'level', level: { '': 34, M: 48 }, rate: 0.05 },
    }),
  ],
  endRule: 'day 56',
  kept: kept(
    ['bags', 'one packet, weighed dry to 0.01 g'],
    ['depth', '8 cm, a stick with a mark'],
    ['days buried', 'all lifted on one day'],
    ['drying', 'the same oven or window until the weight stays'],
    ['spots', 'each pair within half a metre'],
  ),
  materials: ['20 tea bags or cotton squares in net', 'balance to 0.01 g', 'stakes', 'mulch'],
  steps: [
    'Dry and weigh each bag; sew its number on.',
    'At each of ten spots bury two bags 8 cm deep, half a metre apart.',
    'Mulch one of the two, chosen by coin.',
    'Lift, brush, dry, weigh.',
  ],
  cautions: [cautions.soil],
  troubles: ['Soil that clings counts as cotton.', 'A bag that nobody finds is lost, not zero.'],
  expectedSurvival: 0.9,
  spreadGuess: 0.25,
  controlGuess: 34,
};
