import { describe, expect, it } from 'vitest';
import { plantGrowth } from '../stats/plantGrowth.fixture';
import { darwin, sleep } from '../stats/pairs.fixture';
import { welchT } from '../stats/welchT';
import type { UnitValue } from './Contrast';
import { directDifference } from './directDifference';
import { intervalOf } from './Gap';
import { alone } from './simultaneous';

const units = (arm: string, values: readonly number[], block: (i: number) => string | null = () => null): UnitValue[] =>
  values.map((value, i) => ({ unit: `${arm}${i}`, arm, block: block(i), value }));

describe('two arms beside one another', () => {
  it('is Welch’s t where there are no strata', () => {
    const [t, c] = [plantGrowth.trt1.slice(0, 6), plantGrowth.ctrl];
    const gap = directDifference(units('T', t), units('C', c), () => '');
    const welch = welchT(t, c);
    expect(gap && gap.treated - gap.control).toBeCloseTo(welch?.difference ?? NaN, 12);
    expect(gap?.error).toBeCloseTo(welch?.standardError ?? NaN, 12);
    expect(gap?.df).toBeCloseTo(welch?.df ?? NaN, 9);
  });

  it.each([
    ['Darwin’s maize', darwin, 2.147987461331, [0.03119331839297, 41.835473348274]],
    ['Student’s sleep', sleep, 4.062127683382, [0.700114236723, 2.459885763277]],
  ] as const)('is R’s paired t where each stratum is a pair: %s', (_, differences, t, ci95) => {
    const pair = (i: number) => `pair ${i}`;
    const zero = differences.map(() => 0);
    const gap = directDifference(units('T', differences, pair), units('C', zero, pair), (unit) => unit.block ?? '');
    expect(gap?.df).toBeCloseTo(differences.length - 1, 9);
    expect(gap?.error && gap.value / gap.error).toBeCloseTo(t, 9);
    expect(gap && intervalOf(gap, alone)?.[0]).toBeCloseTo(ci95[0], 8);
    expect(gap && intervalOf(gap, alone)?.[1]).toBeCloseTo(ci95[1], 8);
    expect(gap?.strata).toBe(differences.length);
  });

  it('in blocks of several leaves the blocks’ own level out, and strata with one arm alone', () => {
    const block = (i: number) => `b${i % 2}`;
    const t = units('T', [11, 31, 12, 33], block);
    const c = units('C', [9, 29, 10, 30], block);
    const gap = directDifference(t, [...c, { unit: 'X', arm: 'C', block: 'b9', value: 500 }], (unit) => unit.block ?? '');
    expect(gap && gap.treated - gap.control).toBeCloseTo(2.25, 12);
    expect(gap?.strata).toBe(2);
    expect(gap?.error).toBeLessThan(0.7);
    expect(gap?.df).toBeGreaterThan(3);
  });

  it('knows no error where one arm is a single unit, and 0 where nothing differs by itself', () => {
    expect(directDifference(units('T', [5]), units('C', [3, 4, 5]), () => '')?.error).toBeNull();
    expect(directDifference(units('T', [0.3, 0.1 + 0.2]), units('C', [0.7, 0.7]), () => '')?.error).toBe(0);
    expect(directDifference(units('T', [5, 6]), [], () => '')).toBeNull();
  });
});
