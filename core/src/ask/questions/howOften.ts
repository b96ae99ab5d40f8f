import { cautions } from '../cautions';
import { amount, control, kept, plainQuestion, rating, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const howOften: ReadyQuestion = {
  ...plainQuestion,
  id: 'how-often',
  theme: 'water',
  title: 'Is it better to water a little each day or a lot once a week?',
  about: 'The same water a week, in one, three or seven portions.',
  words: ['how often', 'daily', 'weekly', 'wilt', 'drought', 'watering'],
  plant: 'tomato seedlings',
  changed: 'how often the weekly water is given',
  question: 'Does giving the same weekly water in more portions give heavier tomato seedlings?',
  hypothesis: 'Seedlings watered in three or seven portions are heavier after 28 days than with all the water once a week.',
  nullHypothesis: 'The number of portions makes no difference to the mass.',
  arms: [
    control('once a week', { dose: 1, doseUnit: 'a week' }),
    treatment('3', 'three times a week', { dose: 3, doseUnit: 'a week' }),
    treatment('7', 'every day', { dose: 7, doseUnit: 'a week' }),
  ],
  unitWord: 'pot',
  unitsPerArm: 8,
  sown: null,
  measures: [
    amount('g', {
      measure: 'mass',
      name: 'Shoot mass',
      primary: true,
      smallestDifference: 4,
      readingDays: [28],
      usual: { process: 'level', level: { '': 18, 3: 23, 7: 22 }, rate: 0.3 },
    }),
    rating(rubrics.wilting, {
      measure: 'wilting',
      name: 'Wilting',
      higherIs: 'worse',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'rating', level: { '': 1.6, 3: 0.5, 7: 0.3 }, spread: 0.5 },
    }),
  ],
  endRule: 'day 28',
  kept: [...usuallyKept.filter(({ what }) => what !== 'water'), ...kept(['water a week', '210 mL to every pot, by weight'])],
  materials: ['24 pots with one seedling', 'balance', 'syringe', 'labels'],
  steps: ['Give every pot 210 mL a week, in its own number of portions.', 'Weigh each pot before watering.', 'Cut and weigh on day 28.'],
  cautions: [cautions.soil],
  troubles: ['A pot that looks thirsty gets an extra sip.'],
  spreadGuess: 0.15,
  controlGuess: 18,
};
