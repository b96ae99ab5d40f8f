import { abbott } from '../abbott';
import { headVolume, massLost, relativeGrowth } from '../growth';
import type { Calculator } from './Calculator';
import { defineCalculator } from './defineCalculator';
import { quantity, resultLine, num, orNone, percent, wholeNumber } from './makers';

export const growthCalculators: readonly Calculator[] = [
  defineCalculator({
    id: 'head-volume',
    theme: 'growth',
    title: 'Volume of a head',
    about: 'A lettuce or cabbage without cutting it: height and width.',
    words: ['lettuce', 'cabbage', 'size', 'ellipsoid', 'rosette'],
    asks: [quantity('height', 'Height', 'cm', '10 cm'), quantity('width', 'Width', 'cm', '6 cm')],
    work: ({ numbers: { height, width } }) => ({
      lines: [resultLine('Volume', headVolume(height, width), 'cm³')],
      formula: `π ÷ 6 × ${num(height)} × ${num(width)}² = ${num(headVolume(height, width))} cm³`,
    }),
    source: 'ellipsoid, π/6 × height × width² (common practice)',
  }),
  defineCalculator({
    id: 'legginess',
    theme: 'growth',
    title: 'How leggy',
    about: 'Height for each pair of leaves: tall and few is leggy.',
    words: ['etiolated', 'stretched', 'leaf pairs', 'seedling', 'internode'],
    asks: [
      quantity('height', 'Height', 'cm', '9 cm'),
      wholeNumber('pairs', 'Pairs of leaves', '3', { most: 500, why: 'Count whole pairs.' }),
    ],
    work: ({ numbers: { height, pairs } }) => ({
      lines: [resultLine('Height for a pair', height / pairs, 'cm')],
      formula: `${num(height)} cm ÷ ${num(pairs)} = ${num(height / pairs)} cm a pair`,
    }),
    source: 'mean length of stem between pairs of leaves (common practice)',
  }),
  defineCalculator({
    id: 'relative-growth',
    theme: 'growth',
    title: 'Growth for each gram there was',
    about: 'Small and large plants compared fairly: the rate at which they add to themselves.',
    words: ['RGR', 'relative growth rate', 'rate', 'mass'],
    asks: [
      quantity('first', 'Mass first', 'g', '0.4 g'),
      quantity('last', 'Mass last', 'g', '2.6 g'),
      quantity('days', 'Days between', 'd', '14'),
    ],
    work: ({ numbers: { first, last, days } }) => {
      const rate = relativeGrowth(first, last, days) ?? 0;
      return {
        lines: [resultLine('A day', rate * 100, '%'), ...(rate > 0 ? [resultLine('Doubles in', Math.LN2 / rate, 'd')] : [])],
        formula: `(ln ${num(last)} − ln ${num(first)}) ÷ ${num(days)} d = ${num(rate)} a day`,
      };
    },
    source: 'Hunt (1982) Plant Growth Curves',
  }),
  defineCalculator({
    id: 'mass-lost',
    theme: 'growth',
    title: 'Litter or cotton lost',
    about: 'Buried bags: the share that is gone, and how fast it goes.',
    words: ['decay', 'decomposition', 'tea bag', 'cotton', 'litter', 'k', 'half-life'],
    asks: [
      quantity('first', 'Mass when buried', 'g', '2 g'),
      orNone('last', 'Mass when lifted, clean and dry', 'g', '1.3 g'),
      quantity('days', 'Days in the ground', 'd', '90'),
    ],
    work: ({ numbers: { first, last, days } }) => {
      const lost = massLost(first, last, days);
      if (lost === null || last > first)
        return {
          field: 'last',
          why: `${num(last)} g is more than the ${num(first)} g that was buried: soil clings to it. Brush and dry it again.`,
        };
      return {
        lines: [
          resultLine('Lost', lost.share * 100, '%'),
          ...(lost.decay === null ? [] : [resultLine('Decay rate k', lost.decay, '/d')]),
          ...(lost.decay === null || lost.decay === 0 ? [] : [resultLine('Half is gone after', Math.LN2 / lost.decay, 'd')]),
        ],
        formula: `1 − ${num(last)} ÷ ${num(first)} = ${num(lost.share * 100)}%${lost.decay === null ? '' : `; k = −ln(${num(last)} ÷ ${num(first)}) ÷ ${num(days)} d = ${num(lost.decay)} a day`}`,
      };
    },
    source: 'Olson (1963) Ecology 44: 322–331',
  }),
  defineCalculator({
    id: 'corrected-effect',
    theme: 'growth',
    title: 'Effect with the control taken off',
    about: 'Pests or weeds left with and without the treatment: what did it do beyond what happened anyway?',
    words: ['Abbott', 'efficacy', 'corrected', 'mortality', 'pest'],
    asks: [quantity('control', 'Left in the control', '', '80'), orNone('treated', 'Left where treated', '', '20')],
    work: ({ numbers: { control, treated } }) => {
      const effect = (abbott(control, treated) ?? 0) * 100;
      return {
        lines: [resultLine('Effect', effect, '%')],
        formula: `(${num(control)} − ${num(treated)}) ÷ ${num(control)} = ${num(effect)}%`,
        ...(effect < 0 ? { note: 'Below 0: there was more where it was treated than in the control.' } : {}),
      };
    },
    source: 'Abbott (1925) J. Econ. Entomol. 18: 265–267',
  }),
  defineCalculator({
    id: 'percent-more',
    theme: 'growth',
    title: 'Per cent more, times as much',
    about: '“Five times” and “five times more” are not the same.',
    words: ['percent', 'ratio', 'times', 'increase', 'points'],
    asks: [
      quantity('before', 'Control', '', '20'),
      orNone('after', 'Treated', '', '32'),
      percent('unused', 'Both are shares of', '', { optional: true, above: true }),
    ],
    work: ({ numbers: { before, after, unused } }) => ({
      lines: [
        resultLine('More', (after / before - 1) * 100, '%'),
        resultLine('Times as much', after / before, '×'),
        ...(unused === undefined ? [] : [resultLine('Difference in points of a hundred', ((after - before) / unused) * 100, 'points')]),
      ],
      formula: `${num(after)} ÷ ${num(before)} = ${num(after / before)}; − 1 = ${num((after / before - 1) * 100)}% more`,
    }),
    source: 'definition',
  }),
];
