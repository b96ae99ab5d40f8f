import { cautions } from '../cautions';
import { amount, control, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const musicOrSpeech: ReadyQuestion = {
  ...plainQuestion,
  id: 'music-or-speech',
  theme: 'growing-claims',
  title: 'Do plants grow better with music or speech?',
  about: 'Someone talks to them every day. Is it the voice, or the care?',
  words: ['music', 'talk', 'speech', 'sound', 'voice', 'singing'],
  plant: 'bean',
  changed: 'sound for two hours a day',
  question: 'Do beans grow taller with music than with the same visits in silence?',
  hypothesis: 'Beans with two hours of music a day are taller after 28 days than beans visited in silence.',
  nullHypothesis: 'Music makes no difference to the height.',
  arms: [control('silence, the same visit'), treatment('M', 'music for two hours')],
  unitWord: 'pot',
  unitsPerArm: 10,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  measures: [
    amount('cm', {
      measure: 'height',
      name: 'Height',
      primary: true,
      smallestDifference: 3,
      readingDays: [7, 14, 21, 28],
      usual: { process: 'level', level: { '': 28 }, rate: 0.08 },
    }),
    amount('leaves', {
      measure: 'leaves',
      name: 'Leaves',
      readingDays: [14, 28],
      usual: { process: 'level', level: { '': 9 }, rate: 0.08 },
    }),
  ],
  endRule: 'the last reading day',
  materials: ['20 pots', 'two rooms alike, swapped every week', 'a small speaker, and one that stays off'],
  steps: [
    'Sound fills a room, so the room is the container: swap the arms between two rooms each week, or repeat in time as blocks.',
    'Visit both for as long.',
    'Measure without knowing which room it was.',
  ],
  cautions: [cautions.electricity],
  troubles: ['One room each: then warmth and light differ with the sound.'],
  notTested: ['other music, other loudness'],
  spreadGuess: 0.13,
  controlGuess: 28,
};
