import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inSystem, inSystemWords } from './inSystem';
import { convert, unitsOf } from './units';

describe('in the person’s system', () => {
  it.each([
    [480, 'g', 'metric', '480 g'],
    [1500, 'mL', 'metric', '1.5 L'],
    [0.02, 'g', 'metric', '20 mg'],
    [480, 'g', 'us', '1.06 lb'],
    [118.294, 'mL', 'us', '0.5 cup'],
    [5, 'mL', 'us', '1.01 tsp'],
    [20, '°C', 'us', '68 °F'],
    [-4, '°C', 'metric', '−4 °C'],
    [12, 'ppm', 'us', '12 ppm'],
    [720, '', 'us', '720'],
  ] as const)('%d %s, %s: %s', (value, unit, system, words) => {
    expect(inSystemWords(value, unit, system)).toBe(words);
  });

  it('is the same quantity', () => {
    const units = [...unitsOf('mass'), ...unitsOf('volume'), ...unitsOf('length'), ...unitsOf('temperature')];
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 1e5, noNaN: true }),
        fc.constantFrom(...units),
        fc.constantFrom('metric' as const, 'us' as const),
        (value, unit, system) => {
          const shown = inSystem(value, unit, system);
          expect(convert(shown.value, shown.unit, unit)).toBeCloseTo(value, 5);
        },
      ),
    );
  });
});
