import { cautions } from '../cautions';
import { amount, control, derived, keptSame, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const whatHoldsWater: ReadyQuestion = {
  ...plainQuestion,
  id: 'what-holds-water',
  theme: 'water',
  title: 'Which mix holds water?',
  about: 'Organic matter, a wetting agent, or both? Weighed in cut bottles: what stays when dripping stops, and days later.',
  words: ['potting mix', 'water holding', 'drain', 'wetting agent', 'compost', 'peat', 'coir', 'dries out', 'sand', 'perlite'],
  plant: '',
  changed: 'organic matter and wetting agent in the mix',
  question: 'Do organic matter and a wetting agent make a mix hold more water, alone or together?',
  arms: [
    control('base mix', { phrase: 'in the base mix', factors: { organic: 'none', agent: 'none' } }),
    treatment('O', '+ organic matter, 1 part in 4', {
      phrase: 'with organic matter, 1 part in 4',
      factors: { organic: '1 in 4', agent: 'none' },
    }),
    treatment('W', '+ wetting agent, 5 g', { phrase: 'with a wetting agent, 5 g', factors: { organic: 'none', agent: '5 g' } }),
    treatment('OW', '+ both', { phrase: 'with both', factors: { organic: '1 in 4', agent: '5 g' } }),
  ],
  unitNoun: 'bottle',
  unitsPerArm: 10,
  sown: null,
  light: 'none',
  shares: [
    { what: 'batch of mix for the bottle', by: 'unit' },
    { what: 'table', by: 'all' },
  ],
  agesFrom: 8,
  measures: [
    amount('g', {
      code: 'dry',
      name: 'Bottle with dry mix',
      higherIs: 'neither',
      readingDays: [0],
      usual: { process: 'level', level: { '': 640 }, rate: 1 },
    }),
    amount('g', {
      code: 'wet',
      name: 'Bottle when dripping stops',
      readingDays: [0],
      usual: { process: 'level', level: { '': 800, O: 832, W: 812, OW: 846 }, rate: 1 },
    }),
    amount('g', {
      code: 'later',
      name: 'Bottle on day 4',
      readingDays: [4],
      usual: { process: 'level', level: { '': 742, O: 780, W: 750, OW: 792 }, rate: 1 },
    }),
    derived('g', 'wet-dry', {
      code: 'held',
      name: 'Water held when dripping stops',
      primary: true,
      smallestDifference: 18,
      readingDays: [0],
    }),
    derived('%', '100*(later-dry)/(wet-dry)', { code: 'share', name: 'Share of it kept on day 4', readingDays: [4] }),
  ],
  endRule: 'the weighing on day 4',
  kept: keptSame(
    ['dry mass', '600 g in every bottle'],
    ['water poured on', 'slowly, until every bottle drips, the same jug'],
    ['bottle', 'the same kind, the same holes'],
    ['room', 'one table, no sun'],
    ['moment of weighing', 'when a bottle has not dripped for a minute, and on day 4'],
  ),
  materials: ['40 cut bottles with holes', 'base mix, dried', 'organic matter', 'wetting agent', 'balance to 1 g', 'measuring jug'],
  steps: [
    'Blend the mix of each bottle apart: 600 g at 3 : 1 is 450 g and 150 g.',
    'Fill 600 g dry mass into each bottle and weigh it.',
    'Pour until every bottle drips; weigh when dripping stops.',
    'Weigh again on day 4.',
  ],
  cautions: [cautions.soil],
  commonMistakes: [
    'One bottle each shows nothing.',
    'Peat that is bone dry lets the water run past: pour twice.',
    'One batch of mix for all bottles of a kind counts as one.',
  ],
  notTested: ['whether plants can get at that water'],
  spreadGuess: 0.1,
  controlGuess: 160,
  usualTruth: { unitSpread: 0.015 },
  chance: 0.93,
};
