import { itemAt } from '../../invariant';
import { growingDegrees, saturationPressure, vapourDeficit } from '../air';
import type { Calculator } from './Calculator';
import { defineCalculator } from './defineCalculator';
import { resultLine, num, percent, several, resultWords, warmth, wholeNumber } from './makers';

const STEPS = 12;

export const airCalculators: readonly Calculator[] = [
  defineCalculator({
    id: 'vapour-deficit',
    theme: 'air',
    title: 'How dry the air is for a leaf',
    about: 'Vapour pressure deficit from warmth and humidity.',
    words: ['VPD', 'humidity', 'vapour pressure', 'dry air', 'hygrometer'],
    asks: [warmth('warmth', 'Air', '24 °C', { most: 60 }), percent('humidity', 'Humidity', '60')],
    work: ({ numbers: { warmth: degrees, humidity } }) => {
      const [full, lack] = [saturationPressure(degrees), vapourDeficit(degrees, humidity)];
      return {
        lines: [resultLine('Deficit', lack, 'kPa'), resultLine('Air that holds all it can', full, 'kPa')],
        formula: `0.6108 × e^(17.27 × ${num(degrees)} ÷ (${num(degrees)} + 237.3)) × (1 − ${num(humidity / 100)}) = ${num(lack)} kPa`,
        note:
          lack < 0.4 ? 'Very damp: mould likes it.' : lack > 1.6 ? 'Dry: trays dry out fast.' : 'Neither damp nor dry for most seedlings.',
      };
    },
    source: 'Allen et al. (1998) FAO Irrigation and Drainage Paper 56, eq. 11 and 12',
  }),
  defineCalculator({
    id: 'degree-days',
    theme: 'air',
    title: 'Warmth gathered',
    about: 'Degree days over a base, from each day’s warmest and coldest.',
    words: ['GDD', 'growing degree days', 'heat units', 'thermometer'],
    asks: [
      several('highs', 'Warmest of each day', '°C', '24 26 22', { least: -90, most: 60, above: false }),
      several('lows', 'Coldest of each day', '°C', '12 14 8', { least: -90, most: 60, above: false }),
      warmth('base', 'Base, under which it does not grow', '10 °C', { most: 40 }),
    ],
    work: ({ lists: { highs, lows }, numbers: { base } }) => {
      if (highs.length !== lows.length)
        return { field: 'lows', why: `There are ${highs.length} warmest and ${lows.length} coldest: each day has one of both.` };
      const crossed = highs.findIndex((high, i) => high < itemAt(lows, i));
      if (crossed >= 0)
        return {
          field: 'lows',
          why: `On day ${crossed + 1} the coldest, ${num(itemAt(lows, crossed))} °C, is above the warmest, ${num(itemAt(highs, crossed))} °C.`,
        };
      const days = highs.map((high, i) => growingDegrees(high, itemAt(lows, i), base));
      const sum = days.reduce((a, b) => a + b, 0);
      return {
        lines: [resultLine('Degree days', sum, '°C d')],
        formula: `Σ ((warmest + coldest) ÷ 2 − ${num(base)}, never below 0) = ${days.map(num).join(' + ')} = ${num(sum)}`,
      };
    },
    source: 'McMaster & Wilhelm (1997) Agric. For. Meteorol. 87: 291–300, method 1',
  }),
  defineCalculator({
    id: 'warmth-steps',
    theme: 'air',
    title: 'Steps of warmth',
    about: 'From cold to warm in equal steps: which degrees on which days?',
    words: ['temperature steps', 'cold start', 'stages', 'refrigerator', 'ramp'],
    asks: [
      warmth('from', 'First', '4 °C'),
      warmth('to', 'Last', '18 °C'),
      wholeNumber('steps', 'Steps', '3', { least: 2, above: false, most: STEPS, why: 'Two to twelve steps.' }),
      wholeNumber('days', 'Days each', '5', { most: 365, why: 'Count whole days.' }),
    ],
    work: ({ numbers: { from, to, steps, days } }) => {
      const rise = (to - from) / (steps - 1);
      return {
        lines: Array.from({ length: steps }, (_, i) => resultWords(`Days ${i * days} to ${(i + 1) * days}`, `${num(from + i * rise)} °C`)),
        formula: `(${num(to)} − ${num(from)}) ÷ (${steps} − 1) = ${num(rise)} °C a step, each ${days} days`,
      };
    },
    source: 'equal steps (common practice)',
  }),
];
