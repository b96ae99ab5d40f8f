import { amount, control, keptIn, keptSame, oneEach, plainQuestion, poured, rating, stage, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const howMuchFeed: ReadyQuestion = {
  ...plainQuestion,
  id: 'how-much-feed',
  theme: 'cuttings-and-containers',
  title: 'How much plant feed is best?',
  about: 'None, half, what the label says, and twice that, in a poor mix. Somewhere it turns.',
  words: ['feed', 'fertilizer', 'fertiliser', 'dose', 'label', 'burnt tips', 'nutrients', 'overfeeding', 'plant food'],
  plant: 'lettuce',
  changed: 'strength of the feed',
  onPurpose: ['feed'],
  question: 'How does the {changed} change the mass of {plant} in a poor mix?',
  arms: [
    control('plain water', { dose: 0, doseUnit: '× label' }),
    treatment('1', 'as on the label', { phrase: 'with feed as on the label', dose: 1, doseUnit: '× label' }),
    treatment('05', 'half of the label', { phrase: 'with half of the feed on the label', dose: 0.5, doseUnit: '× label' }),
    treatment('2', 'twice the label', { phrase: 'with twice the feed on the label', dose: 2, doseUnit: '× label' }),
  ],
  unitNoun: 'pot',
  propagule: 'plants',
  unitsPerArm: 8,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  shares: [{ what: 'saucer', by: 'unit' }],
  agesFrom: 11,
  measures: [
    amount('g', {
      code: 'mass',
      name: 'Head mass',
      primary: true,
      smallestDifference: 7.5,
      readingDays: [35],
      usual: { process: 'level', level: { '': 26, '05': 38, 1: 43, 2: 37 }, rate: 0.3 },
    }),
    rating(rubrics.leafBurn, {
      code: 'burn',
      name: 'Burnt edges',
      higherIs: 'neither',
      expected: 'more',
      readingDays: [21, 35],
      usual: { process: 'rating', level: { '': 0.1, 1: 0.3, 2: 1.6 }, spread: 0.5 },
    }),
  ],
  stages: [
    stage({ name: 'watered with plain water on the feeding days', kind: 'handle', arms: ['C'], days: [7, 14, 21, 28] }),
    stage({ name: 'fed', kind: 'handle', arms: ['1', '05', '2'], days: [7, 14, 21, 28], hazards: ['feed'], tested: true }),
  ],
  kept: [
    ...keptIn('pots'),
    ...keptSame(['poor mix', 'without fertiliser, the same for all'], ['amount poured', '{mL} mL to every {unit} on each feeding day']),
  ],
  kit: {
    lot: 'of one sowing',
    medium: 'mix without fertiliser',
    solutions: [
      poured('plain water', ['C'], 100, 'on its steps'),
      poured('plant feed, made up by its label', ['1', '05', '2'], 100, 'on its steps'),
    ],
    things: [oneEach('saucers'), ...things('measuring syringe', 'balance')],
  },
  steps: [
    'Mix the feed by its label, then each strength from it; label the cans.',
    'Pour {mL} mL on every {unit} on days {stepDays}; the control gets {arm:C}.',
    'Cut and weigh on day {last}.',
  ],
  hazards: ['feed'],
  cautions: ['Twice the label is for the trial alone, never for what is eaten or poured away outdoors.'],
  commonMistakes: ['A rich mix feeds the control too.', 'What drains into a shared tray feeds the neighbour.'],
  notTested: ['other feeds', 'the harvest of a season'],
  spilloverRoutes: [],
  spreadGuess: 0.16,
  controlGuess: 26,
  chance: 0.84,
};
