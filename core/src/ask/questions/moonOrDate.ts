import { cautions } from '../cautions';
import { amount, control, plainQuestion, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const moonOrDate: ReadyQuestion = {
  ...plainQuestion,
  id: 'moon-or-date',
  theme: 'growing-claims',
  title: 'Does the moon or the date of sowing matter?',
  about: 'Sow at new moon, they say. Each date is one weather, so repeat over several moons.',
  words: ['moon', 'sowing date', 'calendar', 'moon phase', 'sowing day', 'lunar'],
  plant: 'radish',
  changed: 'moon phase on the day of sowing',
  question: 'Do radishes sown at a waxing moon weigh more than radishes sown at a waning moon?',
  hypothesis: 'Radishes sown at a waxing moon are heavier after 35 days than those sown at a waning moon.',
  nullHypothesis: 'The moon makes no difference to the mass.',
  arms: [control('waning moon'), treatment('W', 'waxing moon')],
  unitWord: 'tray',
  unitsPerArm: 8,
  sown: null,
  layout: 'pairs',
  blocks: 8,
  measures: [
    amount('g', {
      measure: 'mass',
      name: 'Root mass',
      primary: true,
      smallestDifference: 12,
      readingDays: [35],
      usual: { process: 'level', level: { '': 80 }, rate: 0.3 },
    }),
  ],
  kept: usuallyKept.filter(({ what }) => what !== 'sowing day'),
  endRule: 'the last reading day',
  materials: ['16 trays over eight moons', 'balance', 'one light and one warmth indoors'],
  steps: [
    'Sow one tray at the waxing and one at the waning moon, eight months in a row: each month is a pair.',
    'Grow under one lamp in one warm room, so that the season stays out.',
    'Weigh each tray 35 days after its own sowing.',
  ],
  cautions: [cautions.lamps],
  troubles: ['One sowing each: then the weather of one week decides.'],
  notTested: ['other crops, outdoors'],
  spreadGuess: 0.1,
  controlGuess: 80,
};
