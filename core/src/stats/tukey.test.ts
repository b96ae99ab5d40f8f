import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { tQuantile } from './tTails';
import { tukeyCritical, tukeyP } from './tukey';

describe('Tukey', () => {
  // R qtukey(0.95, k, df); k means.
  const k = [2, 3, 4, 6, 2, 3, 4, 6, 2, 3, 4, 6, 2, 3, 4, 6, 2, 3, 4, 6];
  const df = [4, 4, 4, 4, 8, 8, 8, 8, 12, 12, 12, 12, 20, 20, 20, 20, 60, 60, 60, 60];
  const q95 = [
    3.926503349892, 5.040241250115, 5.757058416387, 6.706438596878, 3.261182332827, 4.041036471978, 4.528809637531, 5.167152341449,
    3.081306633284, 3.772928959408, 4.198660229967, 4.750231446795, 2.94999764393, 3.577934581526, 3.95829346145, 4.445236619322,
    2.828848309013, 3.398661241274, 3.737089226593, 4.163160815606,
  ];
  it.each(k.map((means, i) => [means, itemAt(df, i), itemAt(q95, i)] as const))(
    'has the published critical value for %i means and %i df',
    (means, freedom, q) => {
      // R's qtukey itself is good to about 5e-6: for two means √2 t is exact, and differs from it by that much.
      expect(tukeyCritical(means, freedom) / q).toBeCloseTo(1, 5);
      expect(tukeyP(q, means, freedom)).toBeCloseTo(0.05, 5);
      if (means === 2) expect(tukeyCritical(2, freedom)).toBeCloseTo(Math.SQRT2 * tQuantile(0.975, freedom), 9);
    },
  );

  it('holds where degrees of freedom are few and not whole, and far out', () => {
    // Harter HL (1960) Ann Math Stat 31:1122–1147: 32.82 for four means and one degree of freedom.
    expect(tukeyCritical(4, 1)).toBeCloseTo(32.82, 1);
    // R: the chi-square spread integrated over ptukey(q s, k, Inf), to 1e-10; ptukey(22.82, 3, 2) itself says 0.006925.
    expect(tukeyP(22.82336148766, 3, 2)).toBeCloseTo(0.0069654854, 8);
    expect(tukeyP(22.82336148766, 3, 2 - 1e-9)).toBeCloseTo(0.0069654854, 8);
    expect(tukeyP(4.1, 8, 32)).toBeCloseTo(0.1063523402, 7);
  });

  it('never says 0 far out', () => {
    expect(tukeyP(60, 4, 20)).toBeGreaterThan(0);
  });
});
