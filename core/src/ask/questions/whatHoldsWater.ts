import { cautions } from '../cautions';
import { amount, control, kept, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const whatHoldsWater: ReadyQuestion = {
  ...plainQuestion,
  id: 'what-holds-water',
  theme: 'water',
  title: 'Which mix holds water?',
  about: 'Organic matter, a wetting agent, or both? Measured in cut bottles on a balance.',
  words: ['potting mix', 'water holding', 'drain', 'wetting agent', 'compost', 'peat', 'coir', 'dries out'],
  plant: '',
  changed: 'organic matter and wetting agent in the mix',
  question: 'Do organic matter and a wetting agent make a mix hold more water, alone or together?',
  hypothesis: 'After 8 h a mix with organic matter keeps a larger share of its water than the base mix.',
  nullHypothesis: 'What is added makes no difference to the share of water kept.',
  arms: [
    control('base mix', { factors: { organic: 'none', agent: 'none' } }),
    treatment('O', '+ organic matter, 1 part in 4', { factors: { organic: '1 in 4', agent: 'none' } }),
    treatment('W', '+ wetting agent, 5 g', { factors: { organic: 'none', agent: '5 g' } }),
    treatment('OW', '+ both', { factors: { organic: '1 in 4', agent: '5 g' } }),
  ],
  unitWord: 'bottle',
  unitsPerArm: 5,
  sown: null,
  light: 'none',
  measures: [
    amount('%', {
      measure: 'kept',
      name: 'Share of water kept at 8 h',
      primary: true,
      smallestDifference: 6,
      readingDays: [1],
      usual: { process: 'level', level: { '': 70, O: 80, W: 73, OW: 88 }, rate: 1 },
    }),
    amount('mL', {
      measure: 'held',
      name: 'Water held at 10 min',
      readingDays: [0],
      usual: { process: 'level', level: { '': 110, O: 138, W: 122, OW: 150 }, rate: 1 },
    }),
  ],
  endRule: 'the weighing at 24 h',
  kept: kept(
    ['dry mass', '600 g in every bottle'],
    ['water poured on', '200 mL, slowly, the same jug'],
    ['bottle', 'the same kind, the same holes'],
    ['room', 'one table, no sun'],
    ['time of weighing', '10 min, 8 h, 24 h after pouring'],
  ),
  materials: ['20 cut bottles with holes', 'base mix, dried', 'organic matter', 'wetting agent', 'balance to 1 g', 'measuring jug'],
  steps: [
    'Blend each mix once; 3 : 1 of 640 g is 480 g and 160 g.',
    'Fill 600 g dry mass into each bottle.',
    'Pour 200 mL on top; weigh what drained after 10 min.',
    'Weigh the bottle at 8 h and 24 h.',
  ],
  cautions: [cautions.soil],
  troubles: ['One bottle each shows nothing.', 'Peat that is bone dry lets the water run past.'],
  notTested: ['whether plants can get at that water'],
  spreadGuess: 0.05,
  controlGuess: 70,
};
