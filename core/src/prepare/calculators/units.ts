import { convert, dimensionOf, unitsOf, type Dimension } from '../../quantities/units';
import type { Calculator } from './Calculator';
import { defineCalculator } from './defineCalculator';
import { quantity, resultLine, num } from './makers';

const kinds: readonly {
  readonly id: string;
  readonly dimension: Dimension;
  readonly title: string;
  readonly base: string;
  readonly example: string;
}[] = [
  { id: 'volumes', dimension: 'volume', title: 'Spoons, cups, millilitres', base: 'mL', example: '1/2 cup' },
  { id: 'masses', dimension: 'mass', title: 'Ounces and grams', base: 'g', example: '2 lb 3 oz' },
  { id: 'lengths', dimension: 'length', title: 'Inches and centimetres', base: 'cm', example: '4 in' },
  { id: 'warmths', dimension: 'temperature', title: 'Fahrenheit and Celsius', base: '°C', example: '68 °F' },
  { id: 'times', dimension: 'time', title: 'Minutes, hours, days', base: 'h', example: '1 d 6 h' },
  { id: 'areas', dimension: 'area', title: 'Square feet and square metres', base: 'm²', example: '10 ft²' },
];

export const unitCalculators: readonly Calculator[] = kinds.map(({ id, dimension, title, base, example }) =>
  defineCalculator({
    id,
    theme: 'units',
    title,
    about: 'Type it as you say it; it stands there in every unit.',
    words: ['convert', 'conversion', 'unit', dimension, ...unitsOf(dimension)],
    asks: [quantity('much', 'How much', base, example, { least: dimension === 'temperature' ? -273.15 : 0, above: false })],
    work: ({ numbers: { much } }) => ({
      lines: unitsOf(dimension).map((unit) => resultLine(unit, convert(much, base, unit) ?? 0, unit)),
      formula: dimensionOf(base) === 'temperature' ? `°F = °C × 9/5 + 32 = ${num((much * 9) / 5 + 32)}` : `${num(much)} ${base}`,
    }),
    source: 'NIST SP 811, appendix B; NIST Handbook 44, appendix C (US customary liquid measure)',
  }),
);
