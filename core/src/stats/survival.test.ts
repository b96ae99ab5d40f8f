import { describe, expect, it } from 'vitest';
import { kaplanMeier, medianTime } from './kaplanMeier';
import { logRank } from './logRank';
import { restrictedMean } from './restrictedMean';

// Gehan EA (1965) / Freireich et al. (1963), 42 patients; R MASS::gehan. In turn control and treated.
const times = [
  1, 10, 22, 7, 3, 32, 12, 23, 8, 22, 17, 6, 2, 16, 11, 34, 8, 32, 12, 25, 2, 11, 5, 20, 4, 19, 15, 6, 8, 17, 23, 35, 5, 6, 11, 13, 4, 9, 1,
  6, 8, 10,
];
const seen = [1, 1, 1, 1, 1, 0, 1, 1, 1, 1, 1, 1, 1, 1, 1, 0, 1, 0, 1, 0, 1, 0, 1, 0, 1, 0, 1, 1, 1, 0, 1, 0, 1, 1, 1, 1, 1, 0, 1, 0, 1, 0];
const all = times.map((time, i) => ({ time, happened: seen[i] === 1 }));
const control = all.filter((_, i) => i % 2 === 0);
const treated = all.filter((_, i) => i % 2 === 1);

describe('survival', () => {
  it('Kaplan–Meier agrees with R survfit', () => {
    expect(medianTime(kaplanMeier(treated))).toBe(23);
    expect(medianTime(kaplanMeier(control))).toBe(8);
    const at10 = kaplanMeier(treated)
      .filter((step) => step.time <= 10)
      .at(-1);
    expect(at10?.survival).toBeCloseTo(0.7529411764706, 11);
  });

  it('log-rank agrees with R survdiff', () => {
    const result = logRank([[treated, control]]);
    expect(result?.chiSquare).toBeCloseTo(16.792940989217, 9);
    expect((result?.p ?? 0) / 4.168809109335e-5).toBeCloseTo(1, 8);
    expect(result?.observed).toEqual([9, 21]);
    expect(result?.expected[0]).toBeCloseTo(19.250500948031, 10);
  });

  it('a log-log interval stays between 0 and 1 and holds the estimate', () => {
    for (const step of kaplanMeier(treated)) {
      expect(step.ci95?.[0]).toBeGreaterThan(0);
      expect(step.ci95?.[1]).toBeLessThan(1);
      expect(step.survival).toBeGreaterThan(step.ci95?.[0] ?? 1);
    }
  });

  it('a restricted mean without censoring is the plain mean of days up to the limit', () => {
    const days = [2, 4, 9].map((time) => ({ time, happened: true }));
    expect(restrictedMean(days, 6)?.mean).toBeCloseTo((2 + 4 + 6) / 3, 12);
    expect(restrictedMean([], 6)).toBeNull();
    expect(medianTime(kaplanMeier([{ time: 3, happened: false }]))).toBeNull();
  });
});
