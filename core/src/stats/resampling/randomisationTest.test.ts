import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plantGrowth } from '../plantGrowth.fixture';
import { drawArrangements } from './drawArrangements';
import { enumerateArrangements } from './enumerateArrangements';
import { randomisationF } from './randomisationF';
import { randomisationTest } from './randomisationTest';
import { shiftAlgorithm } from './shiftAlgorithm';
import { Stopped, type Stratum } from './Stratum';

const versus = (arm: 'trt1' | 'trt2'): Stratum[] => [{ values: [...plantGrowth[arm], ...plantGrowth.ctrl], treated: 10 }];

describe('randomisation', () => {
  it.each([
    ['trt1', 0.247926995605],
    ['trt2', 0.04833401892225],
  ] as const)('agrees with all 184,756 arrangements counted in R: %s', (arm, p) => {
    expect(shiftAlgorithm(versus(arm))).toBeCloseTo(p, 11);
    expect(enumerateArrangements(versus(arm))).toBeCloseTo(p, 11);
    expect(randomisationTest(versus(arm), { seed: 1 })).toMatchObject({ exact: true, arrangements: 184756, seed: null });
  });

  it('gives the smallest p that few units can: 2 of 20 with 3 against 3', () => {
    expect(randomisationTest([{ values: [7, 8, 9, 1, 2, 3], treated: 3 }], { seed: 1 })?.p).toBeCloseTo(2 / 20, 12);
  });

  const block = fc
    .record({
      values: fc.array(fc.integer({ min: -40, max: 40 }), { minLength: 2, maxLength: 6 }),
      share: fc.double({ min: 0, max: 1, noNaN: true }),
    })
    .map(({ values, share }): Stratum => ({ values: values.map((v) => v / 10), treated: 1 + Math.floor(share * (values.length - 1.001)) }));

  it('each way agrees with the others, in one block or several', () => {
    fc.assert(
      fc.property(fc.array(block, { minLength: 1, maxLength: 3 }), (strata) => {
        const counted = enumerateArrangements(strata);
        expect(shiftAlgorithm(strata)).toBeCloseTo(counted, 10);
        const drawn = drawArrangements(strata, 7, 4000);
        expect(Math.abs(drawn - counted)).toBeLessThan(5 * Math.sqrt((counted * (1 - counted)) / 4000) + 2 / 4000);
      }),
      { numRuns: 60, seed: 11 },
    );
  });

  it('F over two arms agrees with the difference of means', () => {
    const values = [1.2, 3.4, 2.2, 5.1, 4.4, 6.3, 4.9];
    const f = randomisationF([{ values, arms: [0, 0, 0, 1, 1, 1, 1] }], 2, { seed: 1 });
    const d = randomisationTest([{ values: [...values.slice(3), ...values.slice(0, 3)], treated: 4 }], { seed: 1 });
    expect(f?.p).toBeCloseTo(d?.p ?? -1, 12);
    expect(f?.exact).toBe(true);
  });

  it('F over three arms, walked through, agrees with every permutation counted one by one', () => {
    const values = [4.1, 5.2, 3.9, 6.3, 6.1, 5.8, 7.2];
    const arms = [0, 0, 1, 1, 1, 2, 2];
    const between = (labels: readonly number[]) =>
      [0, 1, 2].reduce((sum, arm) => {
        const own = values.filter((_, i) => labels[i] === arm);
        return sum + own.reduce((a, b) => a + b, 0) ** 2 / own.length;
      }, 0);
    const seen = between(arms) - 1e-9;
    let [hits, all] = [0, 0];
    const permute = (rest: readonly number[], labels: readonly number[]): void => {
      if (rest.length === 0) {
        all++;
        if (between(labels) >= seen) hits++;
      }
      rest.forEach((label, i) =>
        permute(
          rest.filter((_, k) => k !== i),
          [...labels, label],
        ),
      );
    };
    permute(arms, []);
    const walked = randomisationF([{ values, arms }], 3, { seed: 1 });
    expect(walked).toMatchObject({ exact: true, arrangements: 210 });
    expect(walked?.p).toBeCloseTo(hits / all, 12);
  });

  it('F over many units is drawn, and comes close to the F distribution for plain data (R datasets::PlantGrowth: 0.0159)', () => {
    const growth = Object.values(plantGrowth);
    const drawn = randomisationF([{ values: growth.flat(), arms: growth.flatMap((list, arm) => list.map(() => arm)) }], 3, { seed: 4 });
    expect(drawn?.exact).toBe(false);
    expect(drawn?.p).toBeCloseTo(0.0159, 2);
  });

  it('says the same for the same seed, tells its progress, and stops when asked', () => {
    const strata = [{ values: Array.from({ length: 24 }, (_, i) => Math.sqrt(i + 2)), treated: 12 }];
    expect(drawArrangements(strata, 5, 999)).toBe(drawArrangements(strata, 5, 999));
    const told: number[] = [];
    drawArrangements(strata, 5, 40_000, { onProgress: (share) => told.push(share) });
    expect(told.length).toBeGreaterThan(1);
    expect(() => drawArrangements(strata, 5, 40_000, { signal: { aborted: true } })).toThrow(Stopped);
  });

  it('has nothing to shuffle where one arm is empty', () => {
    expect(randomisationTest([{ values: [1, 2], treated: 2 }], { seed: 1 })).toBeNull();
  });
});
