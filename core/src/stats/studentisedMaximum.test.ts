import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { maximumCritical, maximumP } from './studentisedMaximum';
import { tTwoSided } from './tTails';

describe('the studentised maximum modulus', () => {
  // Stoline & Ury (1979) Technometrics 21:87–93 define and tabulate it; digits by numerical integration in R.
  const df = [2, 3, 4, 5, 8, 10, 20, 60];
  const quantiles: Readonly<Record<number, readonly number[]>> = {
    2: [5.571395, 3.960159, 3.381994, 3.090523, 2.718118, 2.609104, 2.410927, 2.292178],
    3: [6.340477, 4.429669, 3.744577, 3.39924, 2.958009, 2.828855, 2.59413, 2.453594],
    4: [6.886268, 4.764393, 4.003042, 3.618899, 3.127461, 2.983432, 2.721436, 2.564467],
    5: [7.306063, 5.023192, 4.20321, 3.789017, 3.258314, 3.102527, 2.818774, 2.648551],
    6: [7.645394, 5.233364, 4.366096, 3.92754, 3.364758, 3.199281, 2.897441, 2.716089],
    7: [7.929132, 5.409808, 4.503113, 4.044165, 3.454368, 3.28067, 2.963372, 2.772415],
  };
  const rows = Object.entries(quantiles).flatMap(([k, own]) => own.map((value, i) => [Number(k), itemAt(df, i), value] as const));
  it.each(rows)('of %i comparisons with %i df is exceeded in 5% at %f', (k, freedom, value) => {
    expect(maximumCritical(k, freedom)).toBeCloseTo(value, 5);
    expect(maximumP(value, k, freedom)).toBeCloseTo(0.05, 6);
  });

  it('is Student’s t for one, and lies between one and the sum over all', () => {
    expect(maximumP(2.3, 1, 11)).toBeCloseTo(tTwoSided(2.3, 11), 12);
    for (const [t, freedom] of [
      [2, 1],
      [40, 1.3],
      [3, 2.5],
      [9, 7],
      [30, 60],
      [2.2, 5000],
    ] as const) {
      const one = tTwoSided(t, freedom);
      expect(maximumP(t, 4, freedom)).toBeGreaterThanOrEqual(one);
      expect(maximumP(t, 4, freedom)).toBeLessThanOrEqual(4 * one);
    }
  });
});
