import { describe, expect, it } from 'vitest';
import { counted, plural } from './plural';
import { decimalsFor, fixed, rounded } from './roundTo';

describe('numbers as shown', () => {
  it.each([
    [31.234, 4.6, '31.2'],
    [31.234, 46, '31'],
    [0.04567, 0.0023, '0.0457'],
    [123.4, null, '123'],
    [0.00123, null, '0.00123'],
    [0, null, '0'],
  ])('%d with a spread of %s is %s', (value, spread, text) => {
    expect(rounded(value, spread)).toBe(text);
  });

  it('uses a real minus sign and never shows minus nought', () => {
    expect(fixed(-3.14, 1)).toBe('−3.1');
    expect(fixed(-0.001, 1)).toBe('0.0');
  });

  it('very large and very small numbers keep three figures and are no powers of ten', () => {
    expect(fixed(1e12, 0)).toBe('1,000,000,000,000');
    expect(fixed(1e-12, 3)).toBe('0.00000000000100');
  });

  it('decimals follow two digits of the spread', () => {
    expect([decimalsFor(5, 0.12), decimalsFor(5, 1.2), decimalsFor(5, 12), decimalsFor(500, 120)]).toEqual([2, 1, 0, 0]);
    expect(decimalsFor(5, 0)).toBe(2);
  });
});

describe('plural', () => {
  it('is for any number but one', () => {
    expect([0, 1, 2].map((n) => counted(n, 'dish'))).toEqual(['0 dishes', '1 dish', '2 dishes']);
  });

  it.each([
    ['pot', 'pots'],
    ['dish', 'dishes'],
    ['box', 'boxes'],
    ['glass', 'glasses'],
    ['tray', 'trays'],
    ['berry', 'berries'],
    ['patch', 'patches'],
  ])('%s, %s', (one, many) => {
    expect(plural(one)).toBe(many);
  });
});
