import { amount, control, keptIn, keptSame, onePer, plainQuestion, things, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const musicOrSpeech: ReadyQuestion = {
  ...plainQuestion,
  id: 'music-or-speech',
  theme: 'growing-claims',
  title: 'Do plants grow better with music?',
  about: 'Sound fills a room, so the room is what counts: two rooms, swapped after each week.',
  words: ['music', 'talk', 'speech', 'sound', 'voice', 'singing', 'loudness'],
  plant: 'cress',
  changed: 'music for two hours a day',
  question: 'Does {plant} grow taller in a week {with:M} than {with:C}?',
  arms: [
    control('silence, the same visit', { phrase: 'in silence' }),
    treatment('M', 'music for two hours', { phrase: 'with two hours of music' }),
  ],
  unitNoun: 'tray',
  unitsPerArm: 8,
  sown: null,
  layout: 'pairs',
  blocks: 8,
  batches: { everyDays: 7 },
  shares: [{ what: 'room for a week', by: 'unit' }],
  blind: true,
  measures: [
    amount('mm', {
      code: 'height',
      name: 'Height',
      primary: true,
      smallestDifference: 9,
      readingDays: [7],
      usual: { process: 'level', level: { '': 52 }, rate: 0.4 },
    }),
    amount('g', {
      code: 'mass',
      name: 'Cut mass',
      readingDays: [7],
      usual: { process: 'level', level: { '': 24 }, rate: 0.4 },
    }),
  ],
  endRule: 'day {end} of the last week',
  kept: [
    ...keptIn('pots', 'place on the bench', 'sowing day', 'temperature'),
    ...keptSame(
      ['loudness', '70 dB at the {unit}, by a phone, or one mark on the dial'],
      ['rooms', 'swapped after each week: every second week the music is in the other'],
      ['warmth of both rooms', 'read each day'],
      ['visits', 'as long and as many in both'],
    ),
  ],
  kit: {
    things: [onePer('group', 'rooms, alike'), onePer('group', 'small speakers, one of which stays off'), ...things('ruler', 'balance')],
  },
  steps: [
    'Each week sow one {unit} for each room; a coin says where the music is in the first week, then swap.',
    'Play two hours a day at one loudness; visit the silent room for as long.',
    'On day {last} somebody who does not know the room measures and cuts both.',
  ],
  hazards: ['electricity'],
  commonMistakes: ['One room each throughout: then warmth and light differ with the sound.', 'Ten {units} in a room count as one.'],
  notTested: ['speech', 'other music, other loudness'],
  spreadGuess: 0.1,
  controlGuess: 52,
  chance: 0.81,
  mostly: ['no-difference-that-matters', 'cannot-tell'],
};
