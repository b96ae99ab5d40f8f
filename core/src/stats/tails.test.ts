import { describe, expect, it } from 'vitest';
import { chiSquareUpper } from './chiSquareUpper';
import { fUpper } from './fUpper';
import { normalQuantile, normalUpper } from './normalTails';
import { tQuantile, tTwoSided, tUpper } from './tTails';

// R pt, pf and pchisq with lower.tail = FALSE, where 1 − cdf would be 0 as well.
describe('upper tails', () => {
  it.each([
    [2.228, 10, 0.02500588590856],
    [10, 200, 1.18874157221e-19],
    [0.1, 200, 0.4602222462522],
  ])('of t: %f with %i df', (x, df, upper) => {
    expect(tUpper(x, df) / upper).toBeCloseTo(1, 9);
    expect(tTwoSided(x, df) / (2 * upper)).toBeCloseTo(1, 9);
    expect(tUpper(-x, df)).toBeCloseTo(1 - upper, 12);
  });
  it.each([
    [4.846, 2, 27, 0.01591098699873],
    [50, 3, 100, 7.944424679088e-20],
    [0.5, 1, 4, 0.5185185185185],
  ])('of F: %f with %i and %i df', (x, df1, df2, upper) => {
    expect(fUpper(x, df1, df2) / upper).toBeCloseTo(1, 9);
  });
  it.each([
    [3.841, 1, 0.05001368376396],
    [200, 20, 1.125347396084e-31],
  ])('of chi-square: %f with %i df', (x, df, upper) => {
    expect(chiSquareUpper(x, df) / upper).toBeCloseTo(1, 9);
  });
  it('quantiles undo the tails', () => {
    expect(tUpper(tQuantile(0.975, 7.5), 7.5)).toBeCloseTo(0.025, 10);
    expect(normalUpper(normalQuantile(0.999))).toBeCloseTo(0.001, 12);
  });
});
