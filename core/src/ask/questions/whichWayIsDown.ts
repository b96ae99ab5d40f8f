import { amount, control, keptIn, keptSame, plainQuestion, stage, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const whichWayIsDown: ReadyQuestion = {
  ...plainQuestion,
  id: 'which-way-is-down',
  theme: 'sprouting',
  title: 'How does a root know which way is down?',
  about: 'Seeds sprout in a flat clear pouch. Turn the pouch on its side: does the root turn too, and how soon?',
  words: ['gravity', 'down', 'upside down', 'root', 'bean', 'pouch', 'geotropism', 'gravitropism'],
  plant: 'bean',
  changed: 'whether the pouch is turned on its side',
  question: '{groupIs:T turned on its side}Do {plant} roots bend downward within a day after their {unit} is turned on its side?',
  arms: [
    control('taken up and set back upright', { phrase: 'when taken up and set back upright' }),
    treatment('T', 'turned on its side', { phrase: 'when turned on its side' }),
  ],
  unitNoun: 'pouch',
  unitsPerArm: 8,
  propagule: 'seedlings',
  sown: null,
  light: 'none',
  shares: [{ what: 'pouch', by: 'unit' }],
  blind: true,
  agesFrom: 8,
  measures: [
    amount('°', {
      code: 'bend',
      name: 'Bend of the root tip',
      primary: true,
      higherIs: 'neither',
      expected: 'more',
      smallestDifference: 20,
      readingDays: [0, 0.25, 1],
      usual: { process: 'level', level: { '': 8, T: 62 }, rate: 4 },
    }),
    amount('mm', {
      code: 'length',
      name: 'Length of the root',
      readingDays: [0, 1],
      usual: { process: 'level', level: { '': 42 }, rate: 3 },
    }),
  ],
  stages: [
    stage({ name: 'taken up and set back', kind: 'handle', arms: ['C'] }),
    stage({ name: 'turned on its side', kind: 'handle', arms: ['T'], tested: true }),
  ],
  kept: [
    ...keptIn('dishes', 'lid', 'light'),
    ...keptSame(
      ['dark', 'all in one closed box, so that no light bends them'],
      ['photo', 'from one stand, a ruler and a plumb line in the picture'],
    ),
  ],
  kit: {
    containers: 'that are clear',
    lot: 'sprouted straight',
    mediumEach: 0,
    things: things('paper', 'dark box', 'phone on a stand', 'ruler and a plumb line'),
  },
  steps: [
    'Sprout {crops} in damp paper for three days; choose {all} with a straight root of 2 to 4 cm.',
    'Pin one in each {unit}, root down; let a coin say which are turned.',
    'Photograph every {unit} at each reading; measure the angle on the photo by code.',
  ],
  hazards: ['dressed-seed', 'mould'],
  commonMistakes: ['Light through a crack bends a root as well.', 'A dry tip does not grow at all.'],
  notTested: ['what in the root feels it'],
  spreadGuess: 1.2,
  controlGuess: 8,
  usualTruth: { unitSpread: 0.15 },
  chance: 0.97,
};
