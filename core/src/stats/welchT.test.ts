import { describe, expect, it } from 'vitest';
import { plantGrowth } from './plantGrowth.fixture';
import { welchT } from './welchT';

describe('welchT', () => {
  it.each([
    ['trt1', -1.191260381849, 16.523585056859, 0.2503825085875, [-1.029516221347, 0.2875162213468]],
    ['trt2', 2.134020453124, 16.785764482606, 0.04789925560197, [0.005127869964641, 0.9828721300354]],
  ] as const)('agrees with R t.test on plant growth, %s', (arm, t, df, p, ci95) => {
    const result = welchT(plantGrowth[arm], plantGrowth.ctrl);
    expect(result?.t).toBeCloseTo(t, 9);
    expect(result?.df).toBeCloseTo(df, 8);
    expect(result?.p).toBeCloseTo(p, 10);
    expect(result?.ci95[0]).toBeCloseTo(ci95[0], 8);
    expect(result?.ci95[1]).toBeCloseTo(ci95[1], 8);
  });

  it('says nothing without spread or with one unit', () => {
    expect(welchT([2, 2], [1, 1])).toBeNull();
    expect(welchT([2], [1, 3])).toBeNull();
  });
});
