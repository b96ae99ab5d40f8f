import { cautions } from '../cautions';
import { amount, control, count, kept, plainQuestion, rating, treatment, usuallyKept } from '../makers';
import type { ReadyQuestion } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

export const suspectCompost: ReadyQuestion = {
  ...plainQuestion,
  id: 'suspect-compost',
  theme: 'soil-life',
  title: 'Is this compost safe for plants?',
  about: 'Weedkiller can come through hay and manure. Beans show it first.',
  words: ['compost', 'manure', 'weedkiller', 'herbicide', 'is it safe', 'bioassay', 'curl', 'cupped', 'suspect', 'hay'],
  plant: 'bean',
  changed: 'suspect compost in the mix',
  question: 'Do beans in a mix with the suspect compost show cupped, rolled or strap-like leaves?',
  hypothesis: 'Fewer beans show symptoms by day 35 in the clean mix than in the mix with the suspect compost.',
  nullHypothesis: 'The compost makes no difference to how many plants show symptoms.',
  arms: [control('clean mix'), treatment('S', 'mix with the suspect compost')],
  unitWord: 'pot',
  unitsPerArm: 6,
  sown: 3,
  light: 'window',
  measures: [
    count({
      measure: 'symptoms',
      name: 'Plants with cupped, rolled or strap-like leaves',
      primary: true,
      higherIs: 'neither',
      smallestDifference: 30,
      readingDays: [14, 21, 28, 35],
      usual: { process: 'share', share: { '': 0.01, S: 0.7 }, from: 14, to: 30 },
    }),
    count({ measure: 'sprouts', name: 'Sprouts', readingDays: [10], usual: { process: 'share', share: { '': 0.97 }, from: 4, to: 9 } }),
    amount('cm', {
      measure: 'height',
      name: 'Height',
      higherIs: 'neither',
      readingDays: [35],
      usual: { process: 'level', level: { '': 26, S: 15 }, rate: 0.2 },
    }),
    rating(rubrics.leafCurl, {
      measure: 'curl',
      name: 'Leaf curl',
      higherIs: 'worse',
      readingDays: [35],
      usual: { process: 'rating', level: { '': 0.2, S: 2.2 }, spread: 0.5 },
    }),
  ],
  endRule: 'three sets of true leaves, about day 35',
  kept: [...usuallyKept, ...kept(['order of filling', 'control first'], ['tools, trays and hands', 'kept apart, washed between'])],
  materials: ['12 pots with saucers of their own', 'clean mix', 'suspect compost', '36 bean seeds', 'two sets of tools'],
  steps: [
    'Fill the control first.',
    'Mix the suspect compost in; fill with its own tools.',
    'Three beans a pot, each pot on its own saucer.',
    'Look at the leaves each week.',
  ],
  cautions: [cautions.soil, cautions.contaminated],
  troubles: ['Two pots are too few.', 'Live worms say nothing about weedkiller.'],
  notTested: ['other contaminants', 'whether worms live in it'],
  decision: 'Symptoms seen: do not spread it. None seen: a fault in a smaller share of pots than the interval says could still be missed.',
  canReach: ['drips'],
  spreadGuess: 0.2,
  controlGuess: 0.02,
  controlBars: [
    { measure: 'symptoms', least: null, most: 15 },
    { measure: 'sprouts', least: 80, most: null },
  ],
};
