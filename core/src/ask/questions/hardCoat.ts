import { control, count, keptIn, keptSame, oneEach, plainQuestion, poured, stage, thingOf, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

/** Sweet peas have a hard coat and need no cold: three to four weeks do, as a school has them. */
const sweetPea = {
  ...plainQuestion,
  theme: 'sprouting',
  plant: 'sweet pea seed',
  unitNoun: 'pot',
  sown: 20,
  light: 'window',
  shares: [
    { what: 'cup to soak in', by: 'unit' },
    { what: 'pot', by: 'unit' },
  ],
  kept: [...keptIn('pots'), ...keptSame(['seed', 'of one packet; float tests left out'])],
} as const satisfies Partial<ReadyQuestion>;

export const hardCoat: ReadyQuestion = {
  ...sweetPea,
  id: 'hard-coat',
  title: 'What opens a hard seed coat?',
  about: 'Some seeds lie for a year. Sand, a nick or hot water may let the water in.',
  words: [
    'germination',
    'hard seed',
    'seed coat',
    'scarify',
    'scarification',
    'nick',
    'sandpaper',
    'boiling',
    'hot water',
    'tree seed',
    'black locust',
  ],
  changed: 'how the coat is opened',
  question: 'Which treatment of the hard coat makes most {plants} sprout?',
  arms: [
    control('rubbed with a soft cloth', { phrase: 'when rubbed with a soft cloth' }),
    treatment('S', 'sandpaper'),
    treatment('N', 'nicked', { phrase: 'when nicked' }),
    treatment('H', 'hot water left to cool', { phrase: 'after hot water left to cool' }),
  ],
  unitsPerArm: 9,
  agesFrom: 9,
  measures: [
    count({
      code: 'sprouts',
      name: 'Sprouts',
      primary: true,
      smallestDifference: 20,
      readingDays: [7, 10, 14, 18, 22, 26],
      usual: { process: 'share', share: { '': 0.4, H: 0.56, S: 0.78, N: 0.82 }, from: 6, to: 24 },
    }),
  ],
  stages: [
    stage({ name: 'rubbed with a cloth, as long as the others are sanded', kind: 'handle', arms: ['C', 'H'] }),
    stage({ name: 'rubbed with sandpaper', kind: 'handle', arms: ['S'], hazards: ['dust'], tested: true }),
    stage({ name: 'nicked', kind: 'handle', arms: ['N'], hazards: ['blade'], tested: true }),
    stage({ name: 'hot water left to cool', kind: 'heat', arms: ['H'], hours: 0.5, tested: true }),
    stage({ name: 'in water of the room', kind: 'soak', arms: ['C', 'S', 'N', 'H'], hours: 12 }),
  ],
  kit: {
    things: [
      oneEach('cups'),
      thingOf(['S'], 'fine sandpaper'),
      thingOf(['C'], 'soft cloth'),
      thingOf(['N'], 'nail clippers'),
      thingOf(['H'], 'kettle'),
    ],
  },
  steps: [
    'Treat the seed of each {unit} in its own cup; rub the control with a cloth for as long.',
    'Lay all in water afterwards, the control too.',
    'Sow {sown} {putIn} a {unit}, one depth; count on days {days}.',
  ],
  commonMistakes: [
    'Nicked through to the seed leaf.',
    'A seed that flew into another cup.',
    'Swollen is not sprouted.',
    'The colour of the soak water is not a result.',
  ],
  notTested: ['{putIn} that need cold as well: trees of the hedge'],
  spreadGuess: 0.12,
  controlGuess: 0.4,
  chance: 0.83,
};

export const heatAndAcid: ReadyQuestion = {
  ...sweetPea,
  id: 'heat-and-acid',
  title: 'Hot water, vinegar or both for a hard coat?',
  about: 'Two ways at once: does one need the other?',
  words: ['germination', 'seed coat', 'vinegar', 'lemon juice', 'acid', 'boiling', 'hot water', 'hard seed', 'stratify', 'cold'],
  changed: 'hot water and mild acid before sowing',
  question: '{groupIs:HA hot water, then vinegar}Do hot water and vinegar make more {plants} sprout, alone or together?',
  arms: [
    control('cool water, then water', { phrase: 'after cool water, then water', factors: { heat: 'none', acid: 'none' } }),
    treatment('H', 'hot water, then water', { phrase: 'after hot water, then water', factors: { heat: 'hot', acid: 'none' } }),
    treatment('A', 'cool water, then vinegar', {
      badge: 'A',
      phrase: 'after cool water, then vinegar',
      factors: { heat: 'none', acid: 'vinegar' },
    }),
    treatment('HA', 'hot water, then vinegar', {
      badge: 'HA',
      phrase: 'after hot water, then vinegar',
      factors: { heat: 'hot', acid: 'vinegar' },
    }),
  ],
  unitsPerArm: 8,
  agesFrom: 11,
  measures: [
    count({
      code: 'sprouts',
      name: 'Sprouts',
      primary: true,
      smallestDifference: 20,
      readingDays: [7, 10, 14, 18, 22, 26],
      usual: { process: 'share', share: { '': 0.4, H: 0.66, A: 0.44, HA: 0.68 }, from: 6, to: 24 },
    }),
  ],
  stages: [
    stage({ name: 'hot water left to cool', kind: 'heat', arms: ['H', 'HA'], hours: 0.5, tested: true }),
    stage({ name: 'cool water', kind: 'soak', arms: ['C', 'A'], hours: 0.5 }),
    stage({ name: 'a day in vinegar', kind: 'soak', arms: ['A', 'HA'], hours: 24, hazards: ['chemical'], tested: true }),
    stage({ name: 'a day in water', kind: 'soak', arms: ['C', 'H'], hours: 24 }),
  ],
  kit: { solutions: [poured('vinegar', ['A', 'HA'], 50, 'once')], things: [oneEach('cups'), thingOf(['H', 'HA'], 'kettle')] },
  steps: [
    'Pour the water on the seed of each {unit} in its own cup, hot or cool.',
    'Then the vinegar or the water on it; rinse all for a minute.',
    'Sow {sown} {putIn} a {unit}, one depth; count on days {days}.',
  ],
  cautions: ['Mild kitchen acids only. Strong mineral acids are not for homes or schools.'],
  commonMistakes: [
    'Vinegar that was not rinsed off.',
    'One jar for all {units} of a kind: then the jar is what counts.',
    'Seed in the cold never stands in a refrigerator that holds food.',
  ],
  notTested: ['other acids', 'cold afterwards'],
  spreadGuess: 0.12,
  controlGuess: 0.4,
  chance: 0.99,
};
