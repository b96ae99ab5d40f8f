import { describe, expect, it } from 'vitest';
import { decimalGrid } from './decimalGrid';
import { shiftAlgorithm } from './shiftAlgorithm';
import { countArrangements, threshold, treatedSum } from './Stratum';

describe('the decimal grid', () => {
  it('finds whole numbers, tenths, and shares of the sown', () => {
    expect(decimalGrid([1, 2, 30])).toEqual({ integers: [1, 2, 30], step: 1 });
    expect(decimalGrid([0.5, 1.2])?.step).toBeCloseTo(0.1, 12);
    expect(decimalGrid([7 / 25, 12 / 25])?.integers).toEqual([7, 12]);
    expect(decimalGrid([1 / 3, 2 / 3, 1])?.step).toBeCloseTo(1 / 3, 12);
  });

  it('takes the coarsest that fits', () => {
    expect(decimalGrid([0.5, 1, 1.5])?.integers).toEqual([1, 2, 3]);
  });

  it('finds none for roots and for values too fine', () => {
    expect(decimalGrid([Math.SQRT2, 1])).toBeNull();
    expect(decimalGrid([1e-9, 1])).toBeNull();
  });
});

describe('values of any size', () => {
  it('tiny decimals lie on a grid of their own size', () => {
    expect(decimalGrid([1.2e-12, 3.4e-12])?.integers).toEqual([6, 17]);
  });

  it('large values that are no decimals lie on none', () => {
    expect(decimalGrid([1000 * Math.SQRT2, 1000 * Math.PI])).toBeNull();
    expect(decimalGrid([1e12 + 0.25, 1])).toBeNull();
  });

  it('the exact p is the same for values a million million times smaller', () => {
    const values = [1.2, 3.4, 2.2, 5.1, 4.4, 6.3];
    const p = shiftAlgorithm([{ values, treated: 3 }]);
    expect(shiftAlgorithm([{ values: values.map((v) => v * 1e-12), treated: 3 }])).toBeCloseTo(p ?? -1, 12);
  });
});

describe('the shift algorithm', () => {
  it('says null where values lie on no grid, so that another way is taken', () => {
    expect(shiftAlgorithm([{ values: [Math.SQRT2, 1, Math.PI, 2], treated: 2 }])).toBeNull();
  });

  it('counts all where every value is alike', () => {
    expect(shiftAlgorithm([{ values: [3, 3, 3, 3], treated: 2 }])).toBe(1);
  });

  it('does not care for a shift or a change of unit', () => {
    const values = [1.2, 3.4, 2.2, 5.1, 4.4, 6.3];
    const p = shiftAlgorithm([{ values, treated: 3 }]);
    expect(shiftAlgorithm([{ values: values.map((v) => v * 10 + 700), treated: 3 }])).toBeCloseTo(p ?? -1, 12);
  });
});

describe('arrangements', () => {
  it('are counted by the binomial, block by block', () => {
    expect(countArrangements([{ values: new Array<number>(20).fill(0), treated: 10 }])).toBe(184_756);
    expect(countArrangements([1, 2, 3].map(() => ({ values: [0, 1], treated: 1 })))).toBe(8);
  });

  it('have a treated sum and its mean', () => {
    expect(treatedSum([{ values: [1, 2, 3, 4], treated: 2 }])).toEqual({ observed: 3, expected: 5 });
    expect(threshold([{ values: [1, 2, 3, 4], treated: 2 }])).toBeLessThan(2);
    expect(threshold([{ values: [1, 2, 3, 4], treated: 2 }])).toBeCloseTo(2, 6);
  });
});
