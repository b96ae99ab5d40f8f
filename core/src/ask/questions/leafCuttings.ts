import { control, count, keptIn, keptSame, oneEach, plainQuestion, thingOf, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const leafCuttings: ReadyQuestion = {
  ...plainQuestion,
  id: 'leaf-cuttings',
  theme: 'cuttings-and-containers',
  title: 'Where does a single leaf make new plants?',
  about: 'Some plants grow anew from a leaf: in water, in fed water, or stuck shallow or deep in mix.',
  words: ['leaf cutting', 'leaf', 'succulent', 'african violet', 'propagation', 'propagate', 'windowsill', 'new plants'],
  plant: 'african violet leaves',
  changed: 'what the leaf stands in',
  question: 'Do more {putIn} make a new plant {with:S} or {with:D} than {with:C}?',
  arms: [
    control('water', { phrase: 'in water' }),
    treatment('S', 'mix, stuck shallow', { phrase: 'when stuck shallow in mix' }),
    treatment('D', 'mix, stuck deep', { phrase: 'when stuck deep in mix' }),
    treatment('F', 'fed water', { phrase: 'in fed water' }),
  ],
  unitNoun: 'glass',
  propagule: 'leaves',
  unitsPerArm: 10,
  sown: 4,
  light: 'window',
  shares: [{ what: 'glass or pot', by: 'unit' }],
  agesFrom: 8,
  measures: [
    count({
      code: 'plants',
      name: 'Leaves with a new plant',
      primary: true,
      smallestDifference: 35,
      readingDays: [28, 42, 56, 70],
      usual: { process: 'share', share: { '': 0.45, S: 0.8, D: 0.65, F: 0.5 }, from: 20, to: 65 },
    }),
  ],
  kept: [
    ...keptIn('pots', 'seed lot and age', 'sowing depth', 'sowing day', 'water'),
    ...keptSame(
      ['leaves', 'of one size, from several plants, some of each in every kind'],
      ['stalk', 'cut to 3 cm'],
      ['damp air', 'the same bag over all'],
    ),
  ],
  kit: {
    containers: 'or small pots for those in mix',
    things: [thingOf(['S', 'D'], 'mix'), oneEach('bags'), thingOf(['F'], 'plant feed'), ...things('clean blade')],
  },
  steps: [
    'Cut all {putIn} on one day and mix them.',
    'Put {sown} in each; close the bags.',
    'Change the water each week; look for new plants every fortnight.',
  ],
  hazards: ['blade', 'soil'],
  commonMistakes: ['Leaves in one {unit} rot together: a {unit} is one value.', 'A leaf that lives is not yet a new plant.'],
  notTested: ['whether the new plants flower'],
  spreadGuess: 0.18,
  controlGuess: 0.45,
  chance: 0.81,
};
