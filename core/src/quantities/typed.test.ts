import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { typedQuantity } from './typed';
import { convert, dimensionOf, unitsOf, type Dimension } from './units';

const value = (text: string, asked: string) => {
  const typed = typedQuantity(text, asked);
  return 'wrong' in typed ? typed.wrong : typed.value;
};

describe('a quantity as it is typed', () => {
  // NIST Handbook 44, Appendix C, and SP 811, Appendix B.
  it.each([
    ['1/2 cup', 'mL', 118.294],
    ['½ cup', 'mL', 118.294],
    ['1 1/2 tsp', 'mL', 7.39338],
    ['1½ tsp', 'mL', 7.39338],
    ['2 lb 3 oz', 'g', 992.233],
    ['2lb3oz', 'g', 992.233],
    ['68 °F', '°C', 20],
    ['68F', '°C', 20],
    ['-4 °F', '°C', -20],
    ['12,5', 'mL', 12.5],
    ['.5', 'g', 0.5],
    ['3 Teaspoons', 'mL', 14.7868],
    ['2 T', 'tbsp', 2],
    ['1 gallon', 'L', 3.78541],
    ['5 ft 2 in', 'cm', 157.48],
    ['5\' 2"', 'cm', 157.48],
    ['4 inches', 'cm', 10.16],
    ['2 ML', 'mL', 2],
    ['1.5 hours', 'h', 1.5],
    ['1 h 30 min', 'h', 1.5],
    ['90 minutes', 'h', 1.5],
    ['2 weeks', 'd', 14],
    ['50 ppm', 'ppm', 50],
    ['3 %', '%', 3],
    ['8 fl oz', 'cup', 1],
  ])('%s in %s', (text, asked, is) => {
    expect(value(text, asked)).toBeCloseTo(is, 3);
  });

  it.each([
    ['', 'mL', /Nothing typed/],
    ['a lot', 'mL', /“a lot” is not a number: type digits, like 12.5 mL/],
    ['5 smidgens', 'mL', /No unit “smidgens” is known here. Use one of mL, L, tsp/],
    ['5 g', 'mL', /g does not measure a volume/],
    ['1,000', 'mL', /a thousand or a one/],
    ['68 70', '°C', /two numbers/],
    ['5 mL', 'ppm', /plain number, in ppm/],
    ['1/0', 'g', /is not a number/],
  ])('%s in %s is refused with a reason', (text, asked, why) => {
    expect(value(text, asked)).toMatch(why);
  });

  it('goes from any unit to any other of its dimension and back', () => {
    const dimensions: readonly Dimension[] = ['length', 'mass', 'volume', 'time', 'temperature', 'area'];
    const pairs = dimensions.flatMap((dimension) =>
      unitsOf(dimension).flatMap((from) => unitsOf(dimension).map((to) => [from, to] as const)),
    );
    fc.assert(
      fc.property(fc.constantFrom(...pairs), fc.integer({ min: -40, max: 5000 }), ([from, to], n) => {
        const there = value(`${n} ${from}`, to);
        expect(typeof there).toBe('number');
        expect(convert(there as number, to, from)).toBeCloseTo(n, 6);
        expect(dimensionOf(to)).toBe(dimensionOf(from));
      }),
    );
  });
});
