import { control, count, keptIn, keptSame, oneEach, plainQuestion, rating, stage, thingOf, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const rootingAid: ReadyQuestion = {
  ...plainQuestion,
  id: 'rooting-aid',
  theme: 'cuttings-and-containers',
  title: 'Does a rooting powder or honey help cuttings?',
  about: 'Every cutting is dipped alike; whoever lifts them does not know in what.',
  words: ['rooting powder', 'rooting hormone', 'honey', 'cinnamon', 'willow water', 'cutting', 'propagation', 'dip'],
  plant: 'rosemary cuttings',
  changed: 'what the cut end is dipped in',
  question: 'Do more {plants} root {with:P} than {with:C}?',
  arms: [control('plain water'), treatment('P', 'rooting powder'), treatment('H', 'honey')],
  unitNoun: 'pot',
  propagule: 'cuttings',
  unitsPerArm: 10,
  sown: 6,
  layout: 'blocks',
  blocks: 2,
  light: 'window',
  shares: [
    { what: 'dish to dip in', by: 'unit' },
    { what: 'closed bag', by: 'unit' },
  ],
  blind: true,
  agesFrom: 11,
  measures: [
    count({
      code: 'rooted',
      name: 'Rooted cuttings',
      primary: true,
      smallestDifference: 30,
      readingDays: [42],
      usual: { process: 'share', share: { '': 0.45, P: 0.8, H: 0.48 }, from: 20, to: 40 },
    }),
    rating(rubrics.cuttingRoots, {
      code: 'roots',
      name: 'Roots of the best',
      readingDays: [42],
      usual: { process: 'rating', level: { '': 1.4, P: 2.1, H: 1.4 }, spread: 0.6 },
    }),
  ],
  endRule: 'day {end}, all lifted',
  stages: [
    stage({ name: 'cut end dipped in plain water', kind: 'handle', arms: ['C'] }),
    stage({ name: 'cut end dipped', kind: 'handle', arms: ['P', 'H'], hazards: ['feed'], tested: true }),
  ],
  kept: [
    ...keptIn('pots', 'seed lot and age', 'sowing depth', 'sowing day'),
    ...keptSame(
      ['mother plants', 'some of each in every {unit}'],
      ['length', '8 cm, lower leaves off'],
      ['dip', 'the same five seconds, the same depth, shaken off'],
      ['day of cutting', 'all on day 0'],
    ),
  ],
  kit: {
    things: [
      oneEach('bags'),
      thingOf(['P'], 'rooting powder with its label'),
      thingOf(['H'], 'honey'),
      oneEach('small dishes'),
      ...things('clean blade'),
    ],
  },
  steps: [
    'Cut all, mix them, and stick {sown} a {unit}.',
    'One person dips, the {putIn} of each {unit} in a dish of their own; another sticks and reads by code.',
    'Close each {unit} in its bag, out of full sun.',
    'On day {last} lift all and count; what is missing counts as not rooted.',
  ],
  hazards: ['blade', 'chemical', 'feed'],
  commonMistakes: ['{Sown} {putIn} in a {unit} are one value: what rots one rots the next.', 'The control stuck dry.'],
  notTested: ['other kinds of {putIn}', 'how they grow on'],
  spreadGuess: 0.14,
  controlGuess: 0.45,
  chance: 0.81,
};
