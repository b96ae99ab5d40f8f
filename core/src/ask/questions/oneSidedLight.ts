import { amount, control, keptIn, keptSame, oneEach, plainQuestion, things, treatment } from '../makers';
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
  question: 'Do {plants} lean less {with:H} or {with:M} than {with:C}?',
  arms: [
    control('stands still', { phrase: 'when standing still' }),
    treatment('H', 'turned by hand each day', { phrase: 'when turned by hand each day' }),
    treatment('M', 'turned slowly by its own motor', { phrase: 'when turned slowly by a motor' }),
  ],
  unitNoun: 'pot',
  unitsPerArm: 10,
  sown: null,
  measures: [
    amount('°', {
      code: 'lean',
      name: 'Lean from upright',
      primary: true,
      higherIs: 'worse',
      smallestDifference: 15,
      readingDays: [3, 5, 7, 10],
      usual: { process: 'level', level: { '': 38, M: 6, H: 14 }, rate: 0.25 },
    }),
    amount('cm', {
      code: 'height',
      name: 'Height',
      higherIs: 'neither',
      readingDays: [3, 5, 7, 10],
      usual: { process: 'level', level: { '': 14 }, rate: 0.12 },
    }),
  ],
  kept: [...keptIn('pots', 'light'), ...keptSame(['plants a pot', 'one, so that none shades another'])],
  kit: {
    lot: 'of one sowing',
    things: [...things('lamp from the side'), oneEach('slow motors', ['M']), ...things('ruler and a plumb line', 'phone on a stand')],
  },
  steps: [
    'Stand all {units} at one distance from the lamp.',
    'Read first, then turn: one group by hand a quarter each day, one by a motor under each {unit}.',
    'Photograph each {unit} from two sides at right angles, with the plumb line in the picture; measure the larger lean by code.',
  ],
  hazards: ['lamp', 'electricity'],
  commonMistakes: [
    'All {units} on one turntable count as one.',
    'Read after the turn, the lean is gone.',
    'The lamp was swapped on the way.',
    'The motor stopped.',
    'Small {units} run out of food and all stop.',
  ],
  spreadGuess: 0.2,
  controlGuess: 38,
  propagule: 'seedlings',
  blind: true,
  shares: [
    { what: 'lamp from the side', by: 'all' },
    { what: 'motor', by: 'unit' },
  ],
  chance: 0.97,
};
