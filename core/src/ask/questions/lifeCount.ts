import { cautions } from '../cautions';
import { amount, control, kept, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const lifeCount: ReadyQuestion = {
  ...plainQuestion,
  id: 'life-count',
  theme: 'soil-life',
  title: 'Where does more live in the soil?',
  about: 'Worms a spade-square, or small animals in a handful, in two places.',
  words: ['worm', 'soil animals', 'diversity', 'lawn', 'soil life'],
  plant: '',
  changed: 'the place',
  question: 'Are there more worms a spade-square under the hedge than in the lawn?',
  hypothesis: 'There are more worms a spade-square under the hedge than in the lawn.',
  nullHypothesis: 'The two places hold as many worms.',
  arms: [control('lawn'), treatment('H', 'under the hedge')],
  unitWord: 'spot',
  place: 'ground',
  unitsPerArm: 10,
  sown: null,
  light: 'none',
  measures: [
    amount('worms', {
      measure: 'worms',
      name: 'Worms a spade-square',
      primary: true,
      smallestDifference: 4,
      readingDays: [0],
      usual: { process: 'level', level: { '': 7, H: 13 }, rate: 1 },
    }),
    amount('kinds', {
      measure: 'kinds',
      name: 'Kinds of animals in a handful',
      readingDays: [0],
      usual: { process: 'level', level: { '': 5, H: 7 }, rate: 1 },
    }),
  ],
  endRule: 'one day, all spots',
  kept: kept(
    ['square', 'one spade wide, one spade deep'],
    ['spots', 'thrown by chance, not chosen by eye'],
    ['time of day', 'one morning'],
    ['sorting time', 'ten minutes each'],
    ['the person who counts', 'each counts some of both places'],
  ),
  materials: ['spade', 'white tray', 'pots with lids', 'gloves', 'labels'],
  steps: [
    'Throw a stick ten times in each place: dig where it lands.',
    'Sort each square for ten minutes.',
    'Count, write down, put everything back.',
  ],
  cautions: [cautions.soil],
  troubles: ['Spots picked because they look good.'],
  notTested: ['why it is so: the two places differ in many things'],
  spreadGuess: 0.4,
  controlGuess: 7,
};
