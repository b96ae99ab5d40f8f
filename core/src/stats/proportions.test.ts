import { describe, expect, it } from 'vitest';
import { chiSquareProportions } from './chiSquareTest';
import { fisherExact } from './fisherExact';
import { newcombe } from './newcombe';
import { wilson } from './wilson';

describe('proportions', () => {
  it('Fisher’s tea table (Fisher 1935, ch. 2): 0.2429 one-sided, 0.4857 two-sided, 1 in 70 for all right', () => {
    expect(fisherExact([3, 4], [1, 4])?.greater).toBeCloseTo(0.2428571428571, 12);
    expect(fisherExact([3, 4], [1, 4])?.twoSided).toBeCloseTo(0.4857142857143, 12);
    expect(fisherExact([4, 4], [0, 4])?.greater).toBeCloseTo(0.01428571428571, 12);
    expect(fisherExact([0, 0], [1, 4])).toBeNull();
  });

  it('Newcombe (1998) Stat Med 17:873–890, example (a), method 10: 56/70 against 48/80', () => {
    const interval = newcombe([56, 70], [48, 80]);
    expect(interval?.[0]).toBeCloseTo(0.0524, 4);
    expect(interval?.[1]).toBeCloseTo(0.3339, 4);
  });

  it('Wilson’s score interval, Newcombe (1998) Stat Med 17:857–872: 81 of 263', () => {
    const interval = wilson(81, 263);
    expect(interval?.[0]).toBeCloseTo(0.2552885198783, 9);
    expect(interval?.[1]).toBeCloseTo(0.3662095769828, 9);
    expect(wilson(0, 20)?.[0]).toBe(0);
    expect(wilson(20, 20)?.[1]).toBe(1);
    expect(wilson(0, 0)).toBeNull();
  });

  it('chi-square of Fleiss (1981), smokers among patients; R prop.test', () => {
    const arms = [
      [83, 86],
      [90, 93],
      [129, 136],
      [70, 82],
    ] as const;
    expect(chiSquareProportions(arms)?.chiSquare).toBeCloseTo(12.600411297128, 9);
    expect(chiSquareProportions(arms)?.p).toBeCloseTo(0.005585476661627, 11);
  });
});
