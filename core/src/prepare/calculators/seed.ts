import { tupleOf } from '../../invariant';
import { replicatesAgree, toleratedSpread } from '../../kinds/sprouting/replicatesAgree';
import { imbibitionWater, wettingWater } from '../mixes';
import { seedsToSow } from '../seedsToSow';
import type { Calculator } from './Calculator';
import { defineCalculator } from './defineCalculator';
import { quantity, resultLine, measuredLine, num, oneOf, percent, several, resultWords, wholeNumber } from './makers';

const whole = 'They come whole.';

export const seedCalculators: readonly Calculator[] = [
  defineCalculator({
    id: 'seeds-to-sow',
    theme: 'seed',
    title: 'How many to sow or to stick',
    about: 'Plants wanted, and how many of a hundred make it.',
    words: ['seeds', 'cuttings', 'germination', 'spare', 'losses', 'order'],
    asks: [
      wholeNumber('plants', 'Plants wanted', '40', { most: 10_000, why: whole }),
      percent('germination', 'Sprout or root', '85', { above: true }),
      percent('survival', 'Live on', '95', { above: true }),
      quantity('thousand', 'A thousand seeds weigh', 'g', '', { optional: true }),
    ],
    work: ({ numbers: { plants, germination, survival, thousand } }) => {
      const seeds = seedsToSow(plants, germination / 100, survival / 100);
      if (seeds === null) return { field: 'germination', why: 'Where none sprouts or lives, no number is enough.' };
      return {
        lines: [
          resultLine('On average enough', seeds.onAverage, ''),
          resultLine('Enough 9 times in 10', seeds.forSure, ''),
          ...(thousand === undefined ? [] : [measuredLine('They weigh', (seeds.forSure * thousand) / 1000, 'g')]),
        ],
        formula: `${num(plants)} ÷ (${num(germination / 100)} × ${num(survival / 100)}) = ${num(plants / ((germination * survival) / 10_000))}, up to ${seeds.onAverage}; 90% by the binomial: ${seeds.forSure}`,
      };
    },
    source: 'plants ÷ (germination × survival); the fewest n with P(X ≥ plants) ≥ 0.9, X binomial',
    caution: 'Seeds sold for sowing may be dressed: not for eating or bare hands.',
  }),
  defineCalculator({
    id: 'replicates-agree',
    theme: 'seed',
    title: 'Do four hundreds agree?',
    about: 'Four lots of a hundred seeds never germinate the same: is the difference more than chance?',
    words: ['germination test', 'tolerance', 'replicates', 'ISTA', 'spread'],
    asks: [several('shares', 'Sprouted of each hundred', '%', '84 92 79 88', { above: false, most: 100, why: 'A share ends at 100%.' })],
    work: ({ lists: { shares } }) => {
      if (shares.length !== 4) return { field: 'shares', why: `There are ${shares.length}: the table is for four lots of a hundred.` };
      const mean = shares.reduce((sum, share) => sum + share, 0) / 4;
      const [agree, tolerated] = [replicatesAgree(tupleOf(shares, 4)), toleratedSpread(mean)];
      const gap = Math.max(...shares) - Math.min(...shares);
      return {
        lines: [
          resultWords(
            'They agree',
            agree === null ? 'the table ends at 99%' : agree ? 'yes: chance does that' : 'no: sow again, or look for a cause',
          ),
          resultLine('Highest less lowest', gap, 'points'),
          ...(tolerated === null ? [] : [resultLine('Chance allows', tolerated, 'points')]),
        ],
        formula: `mean ${num(mean)}%; ${num(Math.max(...shares))} − ${num(Math.min(...shares))} = ${num(gap)} points`,
      };
    },
    source: 'ISTA Rules ch. 5, tolerance after Miles (1963), from memory; between its rows linear',
  }),
  defineCalculator({
    id: 'seed-mass',
    theme: 'seed',
    title: 'Seeds by mass',
    about: 'Small seed is weighed, not counted.',
    words: ['thousand grain weight', 'weigh seeds', 'packet', 'count'],
    asks: [
      oneOf('way', 'From', ['count', 'number to grams'], ['mass', 'grams to number']),
      quantity('much', 'Number, or grams', '', '200'),
      wholeNumber('counted', 'Seeds counted out', '100', { most: 100_000, why: whole }),
      quantity('weighed', 'They weigh', 'g', '1.2 g'),
    ],
    work: ({ numbers: { much, counted, weighed }, choices: { way } }) => {
      const each = weighed / counted;
      if (way === 'count' && !Number.isInteger(much))
        return { field: 'much', why: `Seeds come whole: ${Math.floor(much)} or ${Math.ceil(much)}.` };
      return {
        lines:
          way === 'count'
            ? [measuredLine('To weigh', much * each, 'g'), resultLine('A thousand weigh', each * 1000, 'g')]
            : [resultLine('About', Math.round(much / each), ''), resultLine('A thousand weigh', each * 1000, 'g')],
        formula: `${num(weighed)} g ÷ ${num(counted)} = ${num(each * 1000)} mg each; ${way === 'count' ? `× ${num(much)}` : `${num(much)} g ÷ ${num(each * 1000)} mg`}`,
      };
    },
    source: 'mass of one = mass of a counted lot ÷ its number (as for the thousand-seed weight, ISTA Rules ch. 10)',
  }),
  defineCalculator({
    id: 'imbibition',
    theme: 'seed',
    title: 'Water that seed takes up',
    about: 'To damp seed without drowning it.',
    words: ['soak', 'imbibition', 'maize', 'beans', 'priming', 'towel'],
    asks: [
      quantity('mass', 'Seed', 'g', '15 g'),
      percent('share', 'Takes up, of its own mass', '30', { most: 300, why: 'No seed takes up three times its mass.' }),
    ],
    work: ({ numbers: { mass, share } }) => ({
      lines: [measuredLine('Water', imbibitionWater(mass, share / 100), 'mL')],
      formula: `${num(mass)} g × ${num(share / 100)} = ${num(imbibitionWater(mass, share / 100))} mL`,
      note: 'Maize takes up about 30% of its mass, beans and peas about their own.',
    }),
    source: 'water = seed mass × share (maize about 0.30; common practice)',
  }),
  defineCalculator({
    id: 'wetting',
    theme: 'seed',
    title: 'Wetting a medium',
    about: 'Dry vermiculite, coir or mix, brought to the same dampness in every bag.',
    words: ['vermiculite', 'coir', 'moist', 'bag', 'stratify', 'cold'],
    asks: [quantity('mass', 'Dry medium', 'g', '300 g'), quantity('ratio', 'Water for a gram', 'mL/g', '0.5', { most: 30 })],
    work: ({ numbers: { mass, ratio } }) => ({
      lines: [measuredLine('Water', wettingWater(mass, ratio), 'mL'), measuredLine('Together', mass + wettingWater(mass, ratio), 'g')],
      formula: `${num(mass)} g × ${num(ratio)} mL/g = ${num(wettingWater(mass, ratio))} mL`,
      note: 'Squeezed in the hand it holds together and gives no more than a drop.',
    }),
    source: 'water = mass × ratio (vermiculite about 0.5 mL per g; common practice)',
  }),
];
