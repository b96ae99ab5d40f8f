import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { insectSprays as sprays } from '../stats/insectSprays.fixture';
import { plantGrowth } from '../stats/plantGrowth.fixture';
import { aMeasure, studyOf } from '../testing';
import type { TestRow } from './TestRow';

const only = (study: Parameters<typeof analyse>[0]) => itemAt(analyse(study).measures, 0);
const row = (tests: readonly TestRow[], method: string, arm: string, versus: string) =>
  tests.find((test) => test.method === method && test.arm === arm && test.versus === versus);

/** The control first; its arm is called C in every study of these tests. */
const insects = studyOf(
  { C: sprays.C, A: sprays.A, B: sprays.B, D: sprays.D, E: sprays.E, F: sprays.F },
  { measures: [aMeasure({ smallestDifference: null })] },
);

describe('arms whose spreads differ', () => {
  // Dunnett's T3 and Games–Howell as computed in R 4.2.2 from ptukey and numerical integration of the maximum modulus.
  const result = only(insects);
  it.each([
    ['A', 'C', 14.73901159805, 8.110078983752, 16.723254349581, 2.616624006357e-6],
    ['B', 'C', 15.499346849748, 9.313909602229, 17.186090397771, 2.570128163626e-7],
    ['D', 'C', 20.871854303938, 0.2490139865081, 5.417652680159, 0.02749867750039],
    ['E', 'C', 21.630910267012, -0.7058547369064, 3.53918807024, 0.3087277167296],
    ['F', 'C', 13.200835154063, 9.01142545126, 20.155241215407, 1.417323855635e-5],
  ] as const)('%s against %s: Dunnett’s T3', (arm, versus, df, lo, hi, p) => {
    const test = row(result.tests, 'dunnett-t3', arm, versus);
    expect(test?.df[0]).toBeCloseTo(df, 9);
    expect(test?.ci95?.[0]).toBeCloseTo(lo, 6);
    expect(test?.ci95?.[1]).toBeCloseTo(hi, 6);
    expect((test?.p ?? NaN) / p).toBeCloseTo(1, 4);
    const own = result.comparisons.find((seen) => seen.arm === arm);
    expect([own?.p, own?.difference.ci95]).toEqual([test?.p, test?.ci95]);
  });

  const pairs = only({ ...insects, experiment: { ...insects.experiment, comparison: 'all-pairs' } });
  it.each([
    ['B', 'A', 21.784430812659, -4.895697777282, 6.562364443949, 0.9972482341451],
    ['C', 'A', 14.73901159805, -17.226308521319, -7.607024812015, 6.592196312272e-6],
    ['D', 'A', 16.734676354263, -14.525286355923, -4.641380310744, 0.0001255900692221],
    ['E', 'A', 13.910462414504, -15.764307573819, -6.235692426181, 3.20873977615e-5],
    ['F', 'A', 20.522752497225, -4.895339699663, 9.228673032996, 0.9247475958152],
    ['C', 'B', 15.499346849748, -17.644667823574, -8.855332176426, 6.652868111967e-7],
    ['D', 'B', 17.758484405373, -14.965173817413, -5.86815951592, 1.263003666974e-5],
    ['E', 'B', 14.522671646002, -16.174956138013, -7.491710528654, 3.675429021577e-6],
    ['F', 'B', 19.498124383021, -5.525573223863, 8.19223989053, 0.9887868132558],
    ['D', 'C', 20.871854303938, -0.04794022217423, 5.714606888841, 0.05566776951009],
    ['E', 'C', 21.630910267012, -0.9493850290573, 3.782718362391, 0.4466120878007],
    ['F', 'C', 13.200835154063, 8.356648385691, 20.810018280976, 3.420937817689e-5],
    ['E', 'D', 19.569571035213, -4.184632542391, 1.351299209057, 0.6005952534862],
    ['F', 'D', 14.478637286519, 5.437299795514, 18.062700204486, 0.0002914146109012],
    ['F', 'E', 12.699314767738, 6.969421234421, 19.363912098912, 0.0001104327504917],
  ] as const)('%s and %s: Games–Howell', (one, other, df, lo, hi, p) => {
    const test = row(pairs.tests, 'games-howell', one, other) ?? row(pairs.tests, 'games-howell', other, one);
    const turned = test?.arm !== one;
    const [low, high] = test?.ci95 ?? [NaN, NaN];
    expect(test?.df[0]).toBeCloseTo(df, 9);
    expect(turned ? -high : low).toBeCloseTo(lo, 3);
    expect(turned ? -low : high).toBeCloseTo(hi, 3);
    expect(Math.abs((test?.p ?? NaN) - p)).toBeLessThan(1e-5 + p * 1e-3);
  });

  it('the pooled figures stand beside with intervals of their own', () => {
    expect(row(result.tests, 'dunnett', 'A', 'C')?.df).toEqual([66]);
    expect(row(result.tests, 'dunnett', 'A', 'C')?.ci95?.[0]).not.toBeCloseTo(
      row(result.tests, 'dunnett-t3', 'A', 'C')?.ci95?.[0] ?? NaN,
      1,
    );
    expect(row(pairs.tests, 'tukey', 'A', 'C')?.ci95).toHaveLength(2);
  });
});

describe('arms whose spreads are alike', () => {
  it('are held together with one spread for all, and each with its own beside', () => {
    // Dobson (1983) Table 7.1, R datasets::PlantGrowth.
    const result = only(studyOf({ C: plantGrowth.ctrl, T: plantGrowth.trt1, U: plantGrowth.trt2 }));
    const own = result.comparisons.find(({ arm }) => arm === 'U');
    expect(own?.p).toBe(row(result.tests, 'dunnett', 'U', 'C')?.p);
    expect(row(result.tests, 'dunnett-t3', 'U', 'C')?.p).toBeCloseTo(0.09185724021229, 6);
    expect(row(result.tests, 'dunnett-t3', 'U', 'C')?.ci95?.[0]).toBeCloseTo(-0.07243762897477, 5);
    expect(row(result.tests, 'dunnett-t3', 'T', 'C')?.ci95?.[1]).toBeCloseTo(0.392185417781, 5);
  });

  it.each([
    ['a control of three', { C: [9, 10, 11], T: [9, 10, 11, 9, 10, 11, 9, 11], U: [9, 10, 11, 9, 10, 11, 9, 11] }],
    ['one arm of few beside many', { C: [9, 10, 11, 9, 10, 11, 9, 11, 9], T: [9, 10, 11, 10], U: [9, 10, 11, 9, 10, 11, 9, 11] }],
  ])('%s says too little of its own spread to share one', (_, values) => {
    const result = only(studyOf(values));
    const alone = row(result.tests, 'dunnett-t3', 'T', 'C');
    const [lo, hi] = itemAt(result.comparisons, 0).difference.ci95 ?? [0, 0];
    const [low, high] = alone?.ci95 ?? [0, 0];
    // Of three, Satterthwaite's degrees of freedom are too many when they happen to lie close together: the verdict is more careful.
    if (Object.values(values).some((own) => own.length < 4)) expect(hi - lo).toBeGreaterThan(1.1 * (high - low));
    else expect([lo, hi]).toEqual([low, high]);
  });

  const own = [8, 9, 10, 11, 12];
  const beside = (by: number) => only(studyOf({ C: own, T: own.map((value) => value + 1), U: own.map((value) => 12 + (value - 10) * by) }));
  const isPooled = (result: ReturnType<typeof only>, at: number) =>
    itemAt(result.comparisons, at).p === row(result.tests, 'dunnett', itemAt(['T', 'U'], at), 'C')?.p;

  it('a spread as wide as one and a half of the others is alike, as wide as twice is not', () => {
    expect(isPooled(beside(1.5), 1)).toBe(true);
    expect(isPooled(beside(2), 1)).toBe(false);
  });

  it('a third arm that is more variable leaves the others theirs, with the wider spread of all', () => {
    const result = beside(2.5);
    expect(itemAt(result.comparisons, 1).p).toBe(row(result.tests, 'dunnett-t3', 'U', 'C')?.p);
    expect(isPooled(result, 0)).toBe(true);
  });

  it('a third arm that is more variable by far would drown the others, and each has its own', () => {
    const result = beside(6);
    expect(isPooled(result, 0)).toBe(false);
    const [lo, hi] = itemAt(result.comparisons, 0).difference.ci95 ?? [0, 0];
    const [low, high] = row(result.tests, 'dunnett', 'T', 'C')?.ci95 ?? [0, 0];
    expect(hi - lo).toBeLessThan(high - low);
  });
});

describe('arms whose units are all alike', () => {
  it('in three arms are told by the shuffle of the largest gap', () => {
    const result = only(studyOf({ C: [5, 5, 5, 5], T: [9, 9, 9, 9], U: [7, 7, 7, 7] }));
    // 4 of the 34,650 deals have two arms at the ends 4 apart: all 5s in one, all 9s in another, in six ways.
    expect(result.comparisons.map(({ p, verdict }) => [p, verdict])).toEqual([
      [6 / 34650, 'supported'],
      [expect.any(Number), expect.any(String)],
    ]);
  });

  it('does not bring in an arm that varies', () => {
    const result = only(studyOf({ C: [5, 5, 5, 5], T: [5, 5, 5, 5], U: [4, 6, 8, 3] }));
    expect(result.comparisons[0]).toMatchObject({ difference: { value: 0, ci95: null }, p: 1, verdict: 'cannot-tell' });
  });
});

describe('as good as alike', () => {
  const measures = [aMeasure({ smallestDifference: 2 })];
  it('takes the shuffle as well as the interval', () => {
    const few = only(studyOf({ C: [10, 10.1, 10.2], T: [10, 10.1, 10.3] }, { measures }));
    expect(few.comparisons[0]).toMatchObject({ alike: false, verdict: 'cannot-tell' });
    const enough = only(studyOf({ C: [10, 10.1, 10.2, 10.1], T: [10, 10.1, 10.3, 10.2] }, { measures }));
    expect(enough.comparisons[0]).toMatchObject({ alike: true, verdict: 'no-difference-that-matters' });
  });
});

describe('shares of the sown', () => {
  const measures = [aMeasure({ kind: 'count', unit: '', smallestDifference: 10 })];
  const sown = (values: Readonly<Record<string, readonly number[]>>, each: number) =>
    only(studyOf(values, { measures }, () => ({ sown: each })));
  // Newcombe RG (1998) Stat Med 17:873–890, method 10, over all seeds of an arm.
  it('all alike in every dish still leave room for what the seeds allow', () => {
    const none = itemAt(sown({ C: [0, 0, 0], T: [0, 0, 0] }, 6).comparisons, 0);
    expect(none.difference.ci95?.[0]).toBeCloseTo(-0.1758792236467, 9);
    expect(none.difference.ci95?.[1]).toBeCloseTo(0.1758792236467, 9);
    const all = itemAt(sown({ C: [0, 0, 0, 0, 0, 0], T: [10, 10, 10, 10, 10, 10] }, 10).comparisons, 0);
    expect(all.difference.ci95?.[0]).toBeCloseTo(0.9149041506275, 9);
    expect(all.difference.ci95?.[1]).toBe(1);
    expect(all).toMatchObject({ p: 2 / 924, verdict: 'supported' });
  });

  it('never reach beyond 100 points', () => {
    const wide = itemAt(sown({ C: [0, 0, 4, 0], T: [10, 9, 10, 4] }, 10).comparisons, 0);
    expect(wide.difference.ci95?.[1]).toBe(1);
  });
});
