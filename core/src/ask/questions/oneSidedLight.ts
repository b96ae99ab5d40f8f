import { cautions } from '../cautions';
import { amount, control, kept, plainQuestion, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const oneSidedLight: ReadyQuestion = {
  ...plainQuestion,
  id: 'one-sided-light',
  theme: 'light',
  title: 'Do turned plants grow straighter?',
  about: 'A plant at the window leans. Does turning it help?',
  words: ['lean', 'turn', 'window', 'phototropism', 'bend', 'sunflower', 'rotate'],
  plant: 'sunflower seedlings',
  changed: 'whether the pot is turned',
  question: 'Do sunflower seedlings that are turned lean less than those that stand still?',
  hypothesis: 'Turned seedlings lean less after ten days than seedlings that stand still.',
  nullHypothesis: 'Turning makes no difference to the lean.',
  arms: [control('stands still'), treatment('M', 'turned slowly'), treatment('H', 'turned by hand each day')],
  unitWord: 'pot',
  unitsPerArm: 6,
  sown: null,
  measures: [
    amount('°', {
      measure: 'lean',
      name: 'Lean from upright',
      primary: true,
      higherIs: 'worse',
      smallestDifference: 10,
      readingDays: [3, 5, 7, 10],
      usual: { process: 'level', level: { '': 38, M: 6, H: 14 }, rate: 0.25 },
    }),
    amount('cm', {
      measure: 'height',
      name: 'Height',
      higherIs: 'neither',
      readingDays: [3, 5, 7, 10],
      usual: { process: 'level', level: { '': 14 }, rate: 0.12 },
    }),
  ],
  endRule: 'day 10',
  kept: [...usuallyKept, ...kept(['plants a pot', 'one, so that none shades another'])],
  materials: ['18 pots with one seedling each', 'one lamp from the side', 'slow turntable', 'ruler and a plumb line', 'phone for photos'],
  steps: [
    'Stand all pots at one distance from the lamp.',
    'Turn one arm slowly, another by hand a quarter each day.',
    'Photograph each pot from the same side, with the plumb line in the picture.',
  ],
  cautions: [cautions.lamps, cautions.electricity],
  troubles: ['The lamp was swapped on the way.', 'The motor stopped.', 'Small pots run out of food and all stop.'],
  spreadGuess: 0.2,
  controlGuess: 38,
};
