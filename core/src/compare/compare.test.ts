import { entryOf, itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { aMeasure, anArm, studyOf } from '../testing';
import { analyse } from '../analyse';
import { comparedArms } from './comparedArms';
import { armPairs } from './Compared';
import { ratioOfMeans } from './ratio';

const only = (study: Parameters<typeof analyse>[0]) => itemAt(analyse(study).measures, 0);
const share = aMeasure({ kind: 'count', unit: '', smallestDifference: 10 });

describe('which arms are compared', () => {
  const arms = [anArm('T'), anArm('R', { role: 'reference' }), anArm('C'), anArm('U')];

  it('the control comes first, references take no part', () => {
    expect(comparedArms(arms).map((arm) => arm.code)).toEqual(['C', 'T', 'U']);
  });

  it('each against the control, or all pairs', () => {
    const compared = comparedArms(arms);
    expect(armPairs({ arms: compared, comparison: 'control' })).toEqual([
      { arm: 'T', versus: 'C' },
      { arm: 'U', versus: 'C' },
    ]);
    expect(armPairs({ arms: compared, comparison: 'all-pairs' })).toHaveLength(3);
  });
});

describe('a ratio of means', () => {
  it('has an interval that is even on the log scale (delta method)', () => {
    const { value, ci95 } = ratioOfMeans(20, 10, 1, 0.25, 0, 2);
    expect(value).toBe(2);
    expect((ci95?.[0] ?? 0) * (ci95?.[1] ?? 0)).toBeCloseTo(4, 10);
  });

  it('a covariance of the two means makes it narrower', () => {
    const width = (covariance: number) => {
      const { ci95 } = ratioOfMeans(20, 10, 1, 0.25, covariance, 2);
      return ci95 ? ci95[1] - ci95[0] : Infinity;
    };
    expect(width(0.2)).toBeLessThan(width(0));
  });

  it.each([
    [0, 10],
    [10, 0],
    [-5, 10],
    [1e-20, 10],
  ])('of %d and %d is none', (treated, control) => {
    expect(ratioOfMeans(treated, control, 1, 1, 0, 2)).toEqual({ value: null, ci95: null });
  });
});

describe('counts with one unit an arm and several arms', () => {
  const study = studyOf({ C: [18], T: [9], U: [17] }, { measures: [share] }, () => ({ sown: 20 }));
  const result = only(study);

  it('Fisher’s exact test for each beside a chi-square over all, marked: no p of the comparison comes from seeds', () => {
    expect(result.comparisons.map(({ p, verdict }) => [p, verdict])).toEqual([
      [null, 'cannot-tell'],
      [null, 'cannot-tell'],
    ]);
    expect(result.tests.map(({ method, ignoresUnits }) => [method, ignoresUnits])).toEqual([
      ['fisher-exact', true],
      ['fisher-exact', true],
      ['chi-square', true],
    ]);
  });

  it('says that the container cannot be told from the treatment', () => {
    expect(result.reasons).toContain(
      'Each group has one unit, which can’t be separated from the treatment. An interval here is that of the seeds alone.',
    );
  });
});

describe('ratings in several arms', () => {
  const rating = aMeasure({ kind: 'rating', unit: '', smallestDifference: 1 });
  const study = studyOf({ C: [1, 2, 2, 1, 2], T: [4, 5, 4, 4, 5], U: [2, 1, 2, 2, 1] }, { measures: [rating] });
  const result = only(study);

  it('the shuffle of ranks for each, Holm-adjusted; Kruskal–Wallis over all and Mann–Whitney beside it', () => {
    const each = ['mann-whitney', 'randomisation'];
    expect(result.tests.map((test) => test.method)).toEqual(['kruskal-wallis', ...each, ...each]);
    expect(result.comparisons[0]).toMatchObject({ arm: 'T', adjusted: 'holm', superiority: 1, verdict: 'supported' });
    expect(itemAt(result.comparisons, 1).verdict).toBe('cannot-tell');
  });

  it('an arm tells how many units stand at each step', () => {
    expect(result.arms[1]).toMatchObject({ steps: { '4': 3, '5': 2 }, median: 4 });
  });

  it('in blocks the labels are shuffled inside each block, and the plain tests are marked', () => {
    const blocked = only(
      studyOf({ C: [1, 2, 2, 1], T: [4, 5, 4, 4] }, { measures: [rating], layout: 'blocks' }, (_, i) => ({ block: i < 2 ? 'a' : 'b' })),
    );
    expect(itemAt(blocked.comparisons, 0).p).toBeCloseTo(2 / 36, 12);
    expect(blocked.tests.find((test) => test.method === 'mann-whitney')?.ignoresBlocks).toBe(true);
  });
});

describe('events', () => {
  it('in several arms: log-rank over all and for each, the difference in restricted days', () => {
    const event = aMeasure({ kind: 'event', unit: 'd', higherIs: 'worse', smallestDifference: 2 });
    const study = studyOf({ C: [1, 1, 1, 1, 1], T: [1, 1, 1, 1, 1], U: [0, 0, 1, 1, 1] }, { measures: [event] });
    const days: Record<string, number[]> = { C: [10, 11, 12, 13, 14], T: [4, 5, 5, 6, 7], U: [15, 15, 10, 12, 13] };
    const observations = study.observations.map((seen) => ({
      ...seen,
      observedOn: `2026-04-${String(1 + itemAt(entryOf(days, itemAt(seen.unit, 0)), Number(seen.unit[1]) - 1)).padStart(2, '0')}`,
    }));
    const result = only({ ...study, observations });
    expect(result.tests.filter((test) => test.method === 'log-rank')).toHaveLength(3);
    expect(result.arms.map((arm) => arm.median)).toEqual([12, 5, 13]);
    expect(itemAt(result.comparisons, 0).difference.value).toBeLessThan(-5);
    expect(itemAt(result.comparisons, 0).verdict).toBe('supported');
  });
});

describe('an arm without readings', () => {
  const values = { C: [10, 11, 10, 12], T: [13, 14, 12, 15], U: [12, 12, 13, 14] };
  const plan = { comparison: 'all-pairs' as const };

  it('is not counted among those that Tukey’s test compares', () => {
    const three = only(studyOf(values, plan)).comparisons;
    const base = studyOf({ ...values, V: [] }, plan);
    const four = only(base).comparisons;
    for (const row of three) expect(four.find(({ arm, versus }) => arm === row.arm && versus === row.versus)?.p).toBe(row.p);
    expect(four.filter(({ arm, versus }) => arm === 'V' || versus === 'V').every(({ p }) => p === null)).toBe(true);
  });
});

describe('pairs', () => {
  it('half pairs are left out and said', () => {
    const study = studyOf({ C: [1, 2, 3, 4], T: [2, 4, 5] }, { layout: 'pairs' }, (_, i) => ({ block: `pair ${i}` }));
    const result = only(study);
    expect(result.reasons[0]).toBe('1 of 4 pairs have one half only and are left out.');
    expect(itemAt(result.comparisons, 0).difference.value).toBeCloseTo((1 + 2 + 2) / 3, 12);
  });

  it('three arms in pairs are compared as blocks', () => {
    const study = studyOf({ C: [1, 2, 3, 4], T: [3, 4, 5, 7], U: [1, 3, 3, 4] }, { layout: 'pairs' }, (_, i) => ({ block: `plant ${i}` }));
    expect(only(study).terms.map((row) => row.term)).toEqual(['block', 'arm', 'residual']);
  });
});

describe('blocks', () => {
  it('two arms: the shuffle inside blocks decides, the interval comes from the two-way residual', () => {
    // Block b lies ten higher; inside each block the treatment adds two.
    const values = { C: [1, 1.2, 11, 11.1], T: [3, 3.3, 13.1, 13] };
    const result = only(studyOf(values, { layout: 'blocks' }, (_, i) => ({ block: i < 2 ? 'a' : 'b' })));
    const row = itemAt(result.comparisons, 0);
    expect(row.difference.value).toBeCloseTo(2.025, 10);
    expect((row.difference.ci95?.[1] ?? 9) - (row.difference.ci95?.[0] ?? 0)).toBeLessThan(0.7);
    expect(row.p).toBeCloseTo(2 / 36, 12);
    // Left out, the blocks drown it.
    expect(itemAt(only(studyOf(values)).comparisons, 0).difference.ci95?.[0]).toBeLessThan(-5);
  });
});

describe('lost units', () => {
  it('a count is also given with each lost unit counted as a failure', () => {
    const base = studyOf({ C: [18, 17, 19, 16], T: [17, 18, 16, 18] }, { measures: [share] }, (arm, i) => ({
      sown: 20,
      status: arm === 'T' && i === 3 ? 'lost' : 'active',
    }));
    const result = only(base);
    expect(itemAt(result.arms, 1).units).toBe(3);
    expect(result.withLostAsFailures?.[0]?.difference.value).toBeLessThan(itemAt(result.comparisons, 0).difference.value ?? 0);
  });
});
