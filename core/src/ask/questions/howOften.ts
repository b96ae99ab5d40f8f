import { amount, control, keptIn, keptSame, oneEach, plainQuestion, poured, rating, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const howOften: ReadyQuestion = {
  ...plainQuestion,
  id: 'how-often',
  theme: 'water',
  title: 'Is it better to water a little each day or a lot once a week?',
  about: 'The same water a week, in one, two or five portions: weekends are free.',
  words: ['how often', 'daily', 'weekly', 'wilt', 'drought', 'watering'],
  plant: 'tomato seedlings',
  changed: 'how often the weekly water is given',
  onPurpose: ['water'],
  question: 'Does giving the same weekly water in more portions give heavier {plants}?',
  arms: [
    control('once a week', { phrase: 'when watered once a week', dose: 1, doseUnit: 'time/week' }),
    treatment('5', 'on five days', { phrase: 'when watered on five days', dose: 5, doseUnit: 'time/week' }),
    treatment('2', 'on two days', { phrase: 'when watered on two days', dose: 2, doseUnit: 'time/week' }),
  ],
  unitNoun: 'pot',
  unitsPerArm: 10,
  sown: null,
  measures: [
    amount('g', {
      code: 'mass',
      name: 'Shoot mass',
      primary: true,
      smallestDifference: 4,
      readingDays: [28],
      usual: { process: 'level', level: { '': 18, 2: 22, 5: 23 }, rate: 0.3 },
    }),
    rating(rubrics.wilting, {
      code: 'wilting',
      name: 'Wilting',
      higherIs: 'worse',
      readingDays: [7, 14, 21, 28],
      usual: { process: 'rating', level: { '': 1.6, 2: 0.7, 5: 0.3 }, spread: 0.5 },
    }),
  ],
  kept: [...keptIn('pots', 'water'), ...keptSame(['water a week', '{mL} mL to every {unit}, by weight'])],
  kit: {
    lot: 'of one sowing',
    mediumEach: 1000,
    solutions: [poured('water, a week’s share', [], 210, 1)],
    things: [oneEach('saucers'), ...things('balance', 'syringe')],
  },
  steps: [
    'Give every {unit} {mL} mL a week, in its own number of portions.',
    'Rate the wilting before watering, never after.',
    'The {unit} takes the largest portion at once; what drains into the saucer is weighed and counted.',
    'Cut and weigh on day {last}.',
  ],
  hazards: ['soil'],
  commonMistakes: ['A {unit} that looks thirsty gets an extra sip.'],
  spreadGuess: 0.15,
  controlGuess: 18,
  propagule: 'seedlings',
  shares: [{ what: 'saucer', by: 'unit' }],
  chance: 0.83,
};
