import { itemAt } from './invariant';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyStudy } from './anyStudy.fixture';
import { aMeasure, aUnit, studyOf } from './testing';
import type { Study } from './model';
import { markdown } from './write/markdown';
import { plainSummary } from './words/write/plainSummary';
import { report } from './words/write/report';
import { analyse } from './analyse';

/** Places in a result that hold a number which is none. */
function badNumbers(value: unknown, path = ''): string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [path];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => badNumbers(inner, `${path}/${key}`));
}

describe('whatever comes in', () => {
  it('no result holds NaN or Infinity, nothing throws, and the report can be written', () => {
    fc.assert(
      fc.property(anyStudy(), (study) => {
        const result = analyse(study);
        expect(badNumbers(result)).toEqual([]);
        for (const { comparisons, tests } of result.measures) {
          for (const { p } of [...comparisons, ...tests]) if (p !== null) expect(p).toBeGreaterThanOrEqual(0);
          for (const { p } of [...comparisons, ...tests]) if (p !== null) expect(p).toBeLessThanOrEqual(1 + 1e-12);
        }
        const text = markdown(report(study, result)) + plainSummary(study, result);
        expect(text).not.toMatch(/NaN|Infinity|undefined/);
      }),
      { numRuns: 150, seed: 20, endOnFailure: true },
    );
  });

  const only = (study: Study) => itemAt(analyse(study).measures, 0);
  it.each<[string, Study]>([
    ['one unit an arm', studyOf({ C: [1], T: [2] })],
    ['no spread at all', studyOf({ C: [3, 3, 3], T: [3, 3, 3] })],
    ['no spread but a gap', studyOf({ C: [3, 3, 3], T: [4, 4, 4] })],
    ['an empty arm', studyOf({ C: [1, 2, 3], T: [] })],
    ['nothing at all', studyOf({ C: [], T: [] })],
  ])('%s: numbers that cannot be computed are null, and a reason is given', (_, study) => {
    const result = only(study);
    expect(result.comparisons.every((row) => row.difference.ci95 === null)).toBe(true);
    expect(result.reasons.length).toBeGreaterThan(0);
    expect(result.verdict.code).toBe('cannot-tell');
  });

  it.each<[string, readonly number[], readonly number[]]>([
    ['all alive', [20, 20, 20, 20], [20, 20, 20, 20]],
    ['none alive', [0, 0, 0, 0], [0, 0, 0, 0]],
    ['all against none', [20, 20, 20, 20], [0, 0, 0, 0]],
  ])('%s: a share with its interval, no NaN', (_, control, treated) => {
    const result = only(studyOf({ C: control, T: treated }, { measures: [aMeasure({ kind: 'count', unit: '' })] }, () => ({ sown: 20 })));
    expect(badNumbers(result)).toEqual([]);
    expect(itemAt(result.arms, 0).ci95).not.toBeNull();
    expect(itemAt(result.arms, 0).proportion).toBe(itemAt(control, 0) / 20);
  });

  it('keeps its digits from 1e-12 to 1e12: the same data scaled give the same t and p', () => {
    const base = { C: [1.1, 2.3, 1.7, 2.9], T: [3.1, 4.7, 3.9, 4.3] };
    const expected = only(studyOf(base)).tests.find((test) => test.method === 'welch-t');
    for (const scale of [1e-12, 1e12]) {
      const scaled = Object.fromEntries(Object.entries(base).map(([arm, values]) => [arm, values.map((v) => v * scale)]));
      const found = only(studyOf(scaled)).tests.find((test) => test.method === 'welch-t');
      expect((found?.p ?? 0) / (expected?.p ?? 1)).toBeCloseTo(1, 9);
    }
  });

  it('a unit out of the count (more than sown) is left out and said', () => {
    const study = studyOf({ C: [5, 6, 25, 7], T: [5, 6, 5, 7] }, { measures: [aMeasure({ kind: 'count', unit: '' })] }, () => ({
      sown: 10,
    }));
    expect(itemAt(only(study).arms, 0).units).toBe(3);
    expect(analyse(study).review.some(({ rule }) => rule === 'denominator')).toBe(true);
  });

  it('corrected, lost and excluded: only what stands counts, and the rest is given beside it', () => {
    const study = studyOf({ C: [5, 6, 5, 7, 6], T: [9, 10, 9, 11, 40] });
    const first = itemAt(study.observations, 0);
    const corrected: Study = {
      ...study,
      observations: [...study.observations, { ...first, id: 'new', value: 6.5, replaces: first.id }],
      experiment: {
        ...study.experiment,
        units: [
          ...study.experiment.units.map((unit) => (unit.code === 'T5' ? { ...unit, status: 'excluded' as const } : unit)),
          aUnit('C6', 'C', { status: 'lost' }),
        ],
      },
    };
    const result = only(corrected);
    expect(result.values.find((unit) => unit.unit === 'C1')?.value).toBe(6.5);
    expect(result.arms.map((arm) => arm.units)).toEqual([5, 4]);
    expect(result.withExcluded?.[0]?.difference.value).toBeGreaterThan(itemAt(result.comparisons, 0).difference.value ?? Infinity);
  });
});
