import { amount, count, event, harvest, rating } from '../makers';
import type { QuestionMeasure } from '../ReadyQuestion';
import { rubrics } from '../rubrics';

/** Something that a claim can promise: the words that promise it, and how it is measured. */
export interface Promised {
  readonly id: string;
  /** What the person sees. */
  readonly name: string;
  readonly words: RegExp;
  /** Less of it is the good side: days to sprout, pests. */
  readonly lessIsGood: boolean;
  readonly measure: QuestionMeasure;
  /** Usual SD between units as a share of the mean (share points for a count) and usual value of the control. */
  readonly spread: number;
  readonly control: number;
  readonly sown: number | null;
  readonly unitWord: string;
}

const days = [7, 14, 21, 28];

/** What claims promise, the more particular first: "first flower" before "flowers". */
export const promisedMeasures: readonly Promised[] = [
  {
    id: 'first-flower',
    name: 'day of the first flower',
    words:
      /\b(first flower|flowers? (sooner|earlier|faster|early)|bloom(s|ing)? (sooner|earlier|faster|early)|sooner to flower|blossoms? (sooner|earlier))\b/,
    lessIsGood: true,
    spread: 0.12,
    control: 55,
    sown: null,
    unitWord: 'pot',
    measure: event({
      measure: 'first-flower',
      name: 'First flower',
      primary: true,
      smallestDifference: 5,
      readingDays: [35, 42, 49, 56, 63, 70],
      usual: { process: 'event', days: { '': 55 }, spread: 0.12 },
    }),
  },
  {
    id: 'ripe',
    name: 'day of the first ripe fruit',
    words: /\b(ripens?|ripe)\b/,
    lessIsGood: true,
    spread: 0.1,
    control: 80,
    sown: null,
    unitWord: 'plant',
    measure: event({
      measure: 'ripe',
      name: 'First ripe fruit',
      primary: true,
      smallestDifference: 5,
      readingDays: [63, 70, 77, 84, 91, 98],
      usual: { process: 'event', days: { '': 80 }, spread: 0.1 },
    }),
  },
  {
    id: 'first-sprout',
    name: 'day of the first sprout',
    words:
      /\b((sprout|germinat|com(e|es|ing) up|emerg)\w*( \w+){0,2} (faster|sooner|quicker|quickly|earlier|early|days? (earlier|sooner)|in half the time)|(faster|quicker|sooner|earlier|speeds? up|slows?( down)?) (\w+ )?(sprout|germinat|com(e|es|ing) up)\w*)\b/,
    lessIsGood: true,
    spread: 0.2,
    control: 6,
    sown: 10,
    unitWord: 'tray',
    measure: event({
      measure: 'first-sprout',
      name: 'First sprout',
      primary: true,
      smallestDifference: 1,
      readingDays: [2, 3, 4, 5, 6, 7, 8, 10, 12, 14],
      usual: { process: 'event', days: { '': 6 }, spread: 0.2 },
    }),
  },
  {
    id: 'sprouts',
    name: 'how many sprout',
    words: /\b(sprout\w*|germinat\w*|come up|comes up|coming up|emerg\w*)\b/,
    lessIsGood: false,
    spread: 0.1,
    control: 0.75,
    sown: 25,
    unitWord: 'tray',
    measure: count({
      measure: 'sprouts',
      name: 'Normal sprouts',
      primary: true,
      smallestDifference: 15,
      readingDays: [4, 7, 10, 14],
      usual: { process: 'sprouting', share: { '': 0.75 }, thermalTime: { '': 80 }, base: 4, seedSpread: 0.25 },
    }),
  },
  {
    id: 'rooted',
    name: 'how many root',
    words: /\b(root(s|ed|ing)?( (better|faster|more))?|take root|strike)\b/,
    lessIsGood: false,
    spread: 0.45,
    control: 0.5,
    sown: 1,
    unitWord: 'cutting',
    measure: count({
      measure: 'rooted',
      name: 'Rooted of those stuck',
      primary: true,
      smallestDifference: 30,
      readingDays: [28],
      usual: { process: 'share', share: { '': 0.5 }, from: 12, to: 27 },
    }),
  },
  {
    id: 'harvest',
    name: 'harvest',
    words: /\b(harvests?|yields?|crops?|fruits?|pods?|berries|tubers|more tomatoes|more beans|bigger crop|produce)\b/,
    lessIsGood: false,
    spread: 0.2,
    control: 900,
    sown: null,
    unitWord: 'plant',
    measure: harvest('g', {
      measure: 'harvest',
      name: 'Harvest a plant',
      primary: true,
      smallestDifference: 150,
      readingDays: [60, 70, 80, 90],
      usual: { process: 'harvest', each: { '': 225 }, spread: 0.15 },
    }),
  },
  {
    id: 'flowers',
    name: 'number of flowers',
    words:
      /\b((more|fewer|bigger|twice as many|double the) (\w+ )?(flowers|blooms|blossoms)|flower(s|ing)?|bloom(s|ing)?|blossom(s|ing)?)\b/,
    lessIsGood: false,
    spread: 0.3,
    control: 8,
    sown: null,
    unitWord: 'pot',
    measure: amount('flowers', {
      measure: 'flowers',
      name: 'Flowers',
      primary: true,
      smallestDifference: 3,
      readingDays: [42, 56, 70],
      usual: { process: 'level', level: { '': 8 }, rate: 0.05 },
    }),
  },
  {
    id: 'height',
    name: 'height',
    words: /\b(tall(er)?|height|higher|short(er)?|stretch(ed|y)?|leggy)\b/,
    lessIsGood: false,
    spread: 0.15,
    control: 20,
    sown: null,
    unitWord: 'pot',
    measure: amount('cm', {
      measure: 'height',
      name: 'Height',
      primary: true,
      smallestDifference: 3,
      readingDays: days,
      usual: { process: 'level', level: { '': 20 }, rate: 0.08 },
    }),
  },
  {
    id: 'mass',
    name: 'mass',
    words: /\b(heavier|lighter|weight|weigh(s|ing)?|mass|bigger|larger|smaller|size|bulk(ier)?|big)\b/,
    lessIsGood: false,
    spread: 0.18,
    control: 20,
    sown: null,
    unitWord: 'pot',
    measure: amount('g', {
      measure: 'mass',
      name: 'Shoot mass',
      primary: true,
      smallestDifference: 4,
      readingDays: [28],
      usual: { process: 'level', level: { '': 20 }, rate: 0.3 },
    }),
  },
  {
    id: 'leaf-colour',
    name: 'leaf colour',
    words: /\b(greener|green|yellow(ing|er)?|pale|colou?r)\b/,
    lessIsGood: false,
    spread: 0.2,
    control: 3,
    sown: null,
    unitWord: 'pot',
    measure: rating(rubrics.leafColour, {
      measure: 'leaf-colour',
      name: 'Leaf colour',
      primary: true,
      smallestDifference: 1,
      readingDays: days,
      usual: { process: 'rating', level: { '': 3 }, spread: 0.6 },
    }),
  },
  {
    id: 'leaves',
    name: 'number of leaves',
    words: /\b(lea(f|ves)|bushier|bushy)\b/,
    lessIsGood: false,
    spread: 0.2,
    control: 12,
    sown: null,
    unitWord: 'pot',
    measure: amount('leaves', {
      measure: 'leaves',
      name: 'Leaves',
      primary: true,
      smallestDifference: 3,
      readingDays: days,
      usual: { process: 'level', level: { '': 12 }, rate: 0.08 },
    }),
  },
  {
    id: 'wilting',
    name: 'wilting',
    words: /\b(wilt(s|ed|ing)?|droop(s|ing)?|dr(y|ies) out|thirsty)\b/,
    lessIsGood: true,
    spread: 0.4,
    control: 1.5,
    sown: null,
    unitWord: 'pot',
    measure: rating(rubrics.wilting, {
      measure: 'wilting',
      name: 'Wilting',
      primary: true,
      higherIs: 'worse',
      smallestDifference: 1,
      readingDays: days,
      usual: { process: 'rating', level: { '': 1.5 }, spread: 0.6 },
    }),
  },
  {
    id: 'pests',
    name: 'pests on a plant',
    words: /\b(aphids?|slugs?|snails?|pests?|flies|bugs|mildew|mould|mold|blight|disease|fungus)\b/,
    lessIsGood: true,
    spread: 0.5,
    control: 12,
    sown: null,
    unitWord: 'plant',
    measure: amount('pests', {
      measure: 'pests',
      name: 'Pests on a plant',
      primary: true,
      higherIs: 'worse',
      smallestDifference: 5,
      readingDays: days,
      usual: { process: 'level', level: { '': 12 }, rate: 0.1 },
    }),
  },
  {
    id: 'alive',
    name: 'how many live',
    words: /\b(surviv\w*|die[sd]?|dying|kill(s|ed)?|live|lives|alive|last(s)? longer)\b/,
    lessIsGood: false,
    spread: 0.2,
    control: 0.7,
    sown: 5,
    unitWord: 'pot',
    measure: count({
      measure: 'alive',
      name: 'Alive of those planted',
      primary: true,
      smallestDifference: 20,
      readingDays: days,
      usual: { process: 'share', share: { '': 0.7 }, from: 0, to: 1 },
    }),
  },
];
