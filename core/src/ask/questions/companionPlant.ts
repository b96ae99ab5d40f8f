import { cautions } from '../cautions';
import { control, harvest, plainQuestion, treatment } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';

export const companionPlant: ReadyQuestion = {
  ...plainQuestion,
  id: 'companion-plant',
  theme: 'growing-claims',
  title: 'Does a companion plant help?',
  about: 'Basil beside tomatoes, onions beside carrots: does the neighbour do anything, or does it just take room?',
  words: ['companion', 'neighbour', 'basil', 'tomato', 'marigold', 'onion', 'carrot', 'pest'],
  plant: 'tomato',
  changed: 'what grows beside it',
  question: 'Do tomatoes with basil beside them give more fruit than tomatoes without?',
  hypothesis: 'Tomatoes with basil give more fruit over the season than tomatoes without.',
  nullHypothesis: 'Basil makes no difference to the fruit.',
  arms: [control('a second tomato cut off at the ground'), treatment('B', 'basil beside it')],
  unitWord: 'pot',
  unitsPerArm: 8,
  sown: null,
  layout: 'blocks',
  blocks: 2,
  measures: [
    harvest('g', {
      measure: 'fruit',
      name: 'Fruit a plant',
      primary: true,
      smallestDifference: 300,
      readingDays: [70, 80, 90, 100],
      usual: { process: 'harvest', each: { '': 450 }, spread: 0.15 },
    }),
  ],
  endRule: 'the last reading day',
  materials: ['16 large pots', '16 tomatoes, 8 basil', 'balance'],
  steps: [
    'Plant a second plant in every pot; in the control cut it off at the ground, so that the root hole is alike.',
    'Shuffle the pots, two metres apart.',
    'Weigh every picking.',
  ],
  cautions: [cautions.soil],
  troubles: ['Scent drifts: pots of both arms must not touch.'],
  notTested: ['taste', 'insects, unless they are counted'],
  spreadGuess: 0.15,
  controlGuess: 1800,
};
