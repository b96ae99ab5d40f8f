import { amount, control, keptIn, keptSame, plainQuestion, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const moonOrDate: ReadyQuestion = {
  ...plainQuestion,
  id: 'moon-or-date',
  theme: 'growing-claims',
  title: 'Does the moon at sowing matter?',
  about: 'Sow at a waxing moon, they say. Each sowing has its own weather and seed grows older, so the moons take turns.',
  words: ['moon', 'sowing date', 'calendar', 'moon phase', 'sowing day', 'lunar', 'date of sowing'],
  plant: 'radish',
  changed: 'moon phase on the day of sowing',
  onPurpose: ['start'],
  question: 'Do {plants} weigh more {with:W} than {with:C}?',
  arms: [
    control('waning moon', { phrase: 'when sown at a waning moon' }),
    treatment('W', 'waxing moon', { phrase: 'when sown at a waxing moon' }),
  ],
  unitNoun: 'tray',
  unitsPerArm: 8,
  sown: null,
  layout: 'pairs',
  blocks: 8,
  batches: { everyDays: 29, armsApart: 14 },
  shares: [
    { what: 'lamp', by: 'all' },
    { what: 'cold jar of seed', by: 'all' },
  ],
  measures: [
    amount('g', {
      code: 'mass',
      name: 'Root mass',
      primary: true,
      smallestDifference: 15,
      readingDays: [35],
      usual: { process: 'level', level: { '': 80 }, rate: 0.3 },
    }),
  ],
  endRule: 'day {end} of the last sowing',
  kept: [
    ...keptIn('pots', 'sowing day', 'place on the bench', 'seed lot and age'),
    ...keptSame(
      ['seed', 'one packet in one closed jar, cold and dry between sowings'],
      ['place under the lamp', 'the same for every {unit}'],
    ),
  ],
  kit: { lot: 'of one packet', things: things('jar that closes', 'calendar with the moon', 'lamp', 'warm room', 'balance') },
  steps: [
    'Sow one {unit} of each kind, two weeks apart; in the next month the other comes first.',
    'Grow under one lamp in one warm room, so that the season stays out.',
    'Weigh each {unit} {last} days after its own sowing.',
    'In a hurry? Six sowings, three of each, show only what is very large.',
  ],
  hazards: ['lamp'],
  commonMistakes: [
    'One sowing each: then the weather of one week decides.',
    'Indoors no moonlight reaches them: say how the moon is thought to act.',
  ],
  notTested: ['moonlight itself', 'other crops, outdoors'],
  spreadGuess: 0.1,
  controlGuess: 80,
  chance: 0.87,
  mostly: ['no-difference-that-matters', 'cannot-tell'],
};
