import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { anArm, studyOf } from '../testing';
import type { Study } from '../model';

const only = (study: Study) => itemAt(analyse(study).measures, 0);
const doses = ['C', 'L', 'M', 'H'].map((code, i) => anArm(code, { dose: i * 25, doseUnit: 'mM' }));

describe.each([0.1, 5.1, 1e6 + 0.3, 0])('values that are all %d', (value) => {
  const four = Array.from({ length: 4 }, () => value);

  it('have no trend, no top, and no gap', () => {
    const row = only(studyOf({ C: four, L: four, M: four, H: four }, { arms: doses }));
    expect(row.trend).toMatchObject({ slope: 0, ci95: null, p: null, turningPoint: null, turningPointCi95: null });
    expect(row.tests.filter(({ method }) => method === 'trend')).toEqual([]);
    expect(row.comparisons.map(({ difference, p }) => [difference.value, difference.ci95, p])).toEqual([1, 2, 3].map(() => [0, null, 1]));
    expect(row.verdict.sentence).not.toMatch(/10\^|×/);
  });

  it('in blocks neither', () => {
    const row = only(studyOf({ C: four, T: four }, { layout: 'blocks' }, (_, i) => ({ block: i < 2 ? 'a' : 'b' })));
    expect(itemAt(row.comparisons, 0).difference).toEqual({ value: 0, ci95: null });
  });
});

it('a spread that is real is no rounding, however small beside the values', () => {
  const row = only(studyOf({ C: [1000, 1000.001, 1000.002], T: [1000.01, 1000.011, 1000.012], U: [1000, 1000.001, 1000.002] }));
  expect(itemAt(row.comparisons, 0).p).toBeLessThan(0.01);
});
