import { amount, control, keptIn, keptSame, oneEach, plainQuestion, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const lightColour: ReadyQuestion = {
  ...plainQuestion,
  id: 'light-colour',
  theme: 'light',
  title: 'Does the colour of the light matter?',
  about: 'Red, blue, white: at the same amount of light, each pot in a box with a window of film.',
  words: ['colour', 'color', 'coloured film', 'red light', 'blue light', 'lamp', 'spectrum', 'quantum meter'],
  plant: 'lettuce',
  changed: 'colour of the light, at equal amount',
  question: 'Does {plant} weigh more or less {with:R} or {with:B} than {with:C} of the same amount?',
  arms: [
    control('white', { phrase: 'under white light' }),
    treatment('R', 'red', { phrase: 'under red light' }),
    treatment('B', 'blue', { phrase: 'under blue light' }),
  ],
  unitNoun: 'box',
  propagule: 'plants',
  unitsPerArm: 10,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  shares: [
    { what: 'lamp', by: 'block' },
    { what: 'box with its own film', by: 'unit' },
  ],
  agesFrom: 13,
  measures: [
    amount('g', {
      code: 'mass',
      name: 'Head mass',
      primary: true,
      expected: 'different',
      smallestDifference: 9,
      readingDays: [28],
      usual: { process: 'level', level: { '': 42, R: 46, B: 33 }, rate: 0.3 },
    }),
    amount('cm', {
      code: 'height',
      name: 'Height',
      higherIs: 'neither',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'level', level: { '': 14, R: 17, B: 12 }, rate: 0.06 },
    }),
  ],
  kept: [
    ...keptIn('pots', 'light'),
    ...keptSame(
      ['amount of light', 'the same µmol at the leaf in every {unit}, by a quantum meter'],
      ['hours of light', '16 h'],
      ['air in the box', 'the same holes'],
    ),
  ],
  kit: {
    containers: 'that are white inside, with a window on top',
    lot: 'of one sowing',
    things: [oneEach('pots'), ...things('film of each colour', 'quantum meter, no lux meter', 'balance')],
  },
  steps: [
    'Measure the light in each {unit} with a quantum meter and lay clear sheets on until all are equal.',
    'One plant a {unit}; shuffle the {units} under each lamp.',
    'Cut and weigh on day {last}.',
  ],
  hazards: ['lamp', 'electricity'],
  commonMistakes: [
    'Film takes light away: without equal amounts, colour and amount are mixed.',
    'A lux meter is blind to red and blue.',
    '{Units} are warm under film: measure it.',
  ],
  notTested: ['other amounts of light', 'flavour'],
  spilloverRoutes: [],
  spreadGuess: 0.14,
  controlGuess: 42,
  chance: 0.84,
};
