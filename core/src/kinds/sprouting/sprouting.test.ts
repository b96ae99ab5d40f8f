import { describe, expect, it } from 'vitest';
import { replicatesAgree, toleratedSpread } from './replicatesAgree';
import { sproutIndices } from './sproutIndices';

/** Totals on each day from the day's own counts. */
function curveOf(counts: readonly number[]) {
  let total = 0;
  return counts.map((n, i) => ({ day: i + 1, value: (total += n) }));
}

describe('sprouting indices', () => {
  // Coolbear et al. (1984), Farooq et al. (2005), Ellis & Roberts (1980), Maguire (1962), Ranal & Santana (2006): counts on days 1–14 of 50 sown.
  const found = sproutIndices(curveOf([0, 0, 0, 0, 4, 17, 10, 7, 1, 0, 1, 0, 0, 0]), 50);

  it('agree with the published figures', () => {
    expect(found.t50Coolbear).toBeCloseTo(5.9706, 4);
    expect(found.t50Farooq).toBeCloseTo(5.9412, 4);
    expect(found.time?.mean).toBeCloseTo(6.7, 10);
    expect(found.time?.variance).toBeCloseTo(1.446154, 6);
    expect(found.time?.standardError).toBeCloseTo(0.1901416, 7);
    expect(found.speed).toBeCloseTo(6.138925, 6);
    expect(found.velocity).toBeCloseTo(14.92537, 5);
    expect(found.uncertainty).toBeCloseTo(2.062987, 6);
    expect(found.synchrony).toBeCloseTo(0.2666667, 7);
  });

  it('give the share with Wilson’s interval and the spread of days', () => {
    expect(found).toMatchObject({ sprouted: 40, sown: 50, share: 0.8, spread: 6 });
    expect(found.shareCi95?.[0]).toBeCloseTo(0.6696, 4);
  });

  it('say nothing, never NaN, where nothing or one seed sprouts', () => {
    expect(sproutIndices(curveOf([0, 0, 0]), 20)).toMatchObject({
      share: 0,
      t50Coolbear: null,
      time: null,
      speed: null,
      velocity: null,
      uncertainty: null,
      synchrony: null,
      spread: null,
    });
    expect(sproutIndices(curveOf([0, 1, 0]), 20)).toMatchObject({
      uncertainty: 0,
      synchrony: null,
      spread: 0,
      time: { mean: 2, variance: null },
    });
    expect(sproutIndices([], 0)).toMatchObject({ share: null, shareCi95: null });
  });

  it('take a total that fell as none new', () => {
    expect(
      sproutIndices(
        [
          { day: 3, value: 8 },
          { day: 5, value: 6 },
          { day: 7, value: 9 },
        ],
        10,
      ).sprouted,
    ).toBe(9);
  });
});

describe('four hundreds', () => {
  it('are tolerated apart as the seed testing rules say (ISTA Rules ch. 5, Miles 1963; from memory)', () => {
    expect([50, 80, 95, 99, 20].map(toleratedSpread)).toEqual([20, 16, 9, 5, 16]);
    expect(toleratedSpread(99.5)).toBeNull();
    expect(replicatesAgree([80, 84, 76, 80])).toBe(true);
    expect(replicatesAgree([90, 84, 72, 74])).toBe(false);
  });
});
