import { amount, control, gramsEach, keptIn, keptSame, oneEach, onePer, plainQuestion, poured, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

const marigolds = {
  ...plainQuestion,
  theme: 'water',
  plant: 'marigolds',
  unitNoun: 'pot',
  propagule: 'plants',
  sown: null,
  layout: 'blocks',
  blocks: 2,
  shares: [{ what: 'saucer that catches what drains', by: 'unit' }],
  kept: [
    ...keptIn('pots', 'water', 'seed lot and age', 'sowing depth', 'sowing day'),
    ...keptSame(['amount poured', 'the same to each, at the same time'], ['young plants', 'of one sowing, of one size']),
  ],
} as const satisfies Partial<ReadyQuestion>;

const draining = (level: Readonly<Record<string, number>>) =>
  amount('mS/cm', {
    code: 'conductivity',
    name: 'Conductivity of what drains',
    higherIs: 'neither',
    readingDays: [7, 14, 21, 28],
    usual: { process: 'level', level, rate: 0.2 },
  });

export const saltOrQuality: ReadyQuestion = {
  ...marigolds,
  id: 'salt-or-quality',
  title: 'Does it matter which water plants get?',
  about: 'Rain from the butt, the tap, or grey water made up by a recipe.',
  words: ['salt', 'grey water', 'gray water', 'tank', 'rain', 'rainwater', 'tap water', 'conductivity', 'water quality', 'marigold'],
  changed: 'the kind of water',
  onPurpose: ['water'],
  question: 'Do {plants} weigh more or less {with:R} or {with:G} than {with:C}?',
  arms: [
    control('tap water'),
    treatment('G', 'grey water, made up', { phrase: 'with grey water' }),
    treatment('R', 'rain from the butt', { phrase: 'with rain from the butt' }),
  ],
  unitsPerArm: 10,
  agesFrom: 9,
  measures: [
    amount('g', {
      code: 'mass',
      name: 'Shoot mass',
      primary: true,
      expected: 'different',
      smallestDifference: 9,
      readingDays: [28],
      usual: { process: 'level', level: { '': 40, R: 41, G: 29 }, rate: 0.3 },
    }),
    draining({ '': 0.9, R: 0.5, G: 2.1 }),
  ],
  kit: {
    lot: 'of one sowing',
    solutions: [poured('tap water', ['C'], 100, 3), poured('grey water, made up', ['G'], 100, 3), poured('rain', ['R'], 100, 3)],
    things: [
      gramsEach(1.2, 'soap flakes, 1 g to a litre', ['G']),
      gramsEach(1.2, 'kitchen salt, 1 g to a litre', ['G']),
      oneEach('saucers'),
      ...things('conductivity pen', 'balance'),
    ],
  },
  steps: [
    'Measure the conductivity of each water on each day of watering.',
    'Give every {unit} {mL} mL of its water; pour away what drains, none into a neighbour.',
    'Cut and weigh on day {last}.',
  ],
  hazards: ['salt'],
  cautions: ['Grey water: gloves, no spraying, never on what is eaten. Local rules come first.'],
  commonMistakes: [
    'The butt is empty halfway and the tap takes over.',
    '{groupIs:G grey water, made up}Real grey water differs from day to day; the recipe doesn’t.',
  ],
  notTested: ['{groupIs:G grey water, made up}real grey water', 'what is eaten'],
  spreadGuess: 0.14,
  controlGuess: 40,
  chance: 0.89,
};

export const saltDose: ReadyQuestion = {
  ...marigolds,
  id: 'salt-dose',
  title: 'How much salt in the water is too much?',
  about: 'None, half a gram, one or two to a litre: where does it begin to cost?',
  words: ['salt', 'road salt', 'dose', 'salinity', 'conductivity', 'marigold', 'softened water', 'sea water'],
  changed: 'salt in the water',
  onPurpose: ['water'],
  question: 'How does {changed} change the mass of {plants}?',
  arms: [
    control('no salt', { phrase: 'without salt', dose: 0, doseUnit: 'g/L' }),
    treatment('2', '2 g to a litre', { phrase: 'with 2 g of salt to a litre', dose: 2, doseUnit: 'g/L' }),
    treatment('1', '1 g to a litre', { phrase: 'with 1 g of salt to a litre', dose: 1, doseUnit: 'g/L' }),
    treatment('05', '0.5 g to a litre', { phrase: 'with 0.5 g of salt to a litre', dose: 0.5, doseUnit: 'g/L' }),
  ],
  unitsPerArm: 10,
  agesFrom: 9,
  measures: [
    amount('g', {
      code: 'mass',
      name: 'Shoot mass',
      primary: true,
      higherIs: 'better',
      expected: 'less',
      smallestDifference: 10,
      readingDays: [28],
      usual: { process: 'level', level: { '': 40, '05': 38, 1: 34, 2: 24 }, rate: 0.3 },
    }),
    draining({ '': 0.9, '05': 1.8, 1: 2.7, 2: 4.4 }),
  ],
  kit: {
    lot: 'of one sowing',
    solutions: [poured('kitchen salt', [], 100, 3, { made: 'grams', grams: null })],
    things: [oneEach('saucers'), onePer('group', 'bottles, labelled'), ...things('balance to 0.1 g', 'conductivity pen')],
  },
  steps: [
    'Dissolve {doses} g of salt, each in a litre.',
    'Give every {unit} {mL} mL of its water; pour away what drains, none into a neighbour.',
    'Cut and weigh on day {last}.',
  ],
  hazards: ['salt'],
  cautions: ['Not on what is eaten.'],
  commonMistakes: ['Salt gathers in the {unit}: day {last} is not day {first}.'],
  notTested: ['other salts', 'whether they recover'],
  spreadGuess: 0.14,
  controlGuess: 40,
  chance: 0.92,
};
