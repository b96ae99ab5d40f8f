import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { aMeasure, studyOf } from '../testing';

const rating = aMeasure({ kind: 'rating', unit: '', smallestDifference: 0.5 });
const rated = (control: readonly number[], treated: readonly number[]) =>
  itemAt(analyse(studyOf({ C: control, T: treated }, { measures: [rating] })).measures, 0);

describe('ratings are told by the exact shuffle of their ranks, ties and all', () => {
  // Check values: R 4.2.2, all arrangements of mid-ranks by enumeration.
  it.each([
    [[2, 3, 3, 2, 3, 2, 3, 3], [3, 4, 3, 3, 4, 3, 4, 3], 0.03916083916084],
    [[1, 1, 1], [2, 2, 2], 0.1],
  ])('%j against %j: p %d', (control, treated, p) => {
    const row = rated(control, treated);
    expect(itemAt(row.comparisons, 0).p).toBeCloseTo(p, 12);
    const shuffle = row.tests.find(({ method }) => method === 'randomisation');
    expect(shuffle).toMatchObject({ exact: true, arm: 'T', versus: 'C' });
    expect(shuffle?.p).toBe(itemAt(row.comparisons, 0).p);
    expect(row.tests.some(({ method }) => method === 'mann-whitney')).toBe(true);
  });

  it('and p alone: a shift that is clear is supported, with the steps of both', () => {
    expect(rated([2, 3, 3, 2, 3, 2, 3, 3], [3, 4, 3, 3, 4, 3, 4, 3]).verdict.code).toBe('supported');
    expect(rated([1, 1, 1], [2, 2, 2]).verdict.code).toBe('cannot-tell');
    expect(rated([1, 1, 1, 1], [2, 2, 2, 2]).verdict.code).toBe('supported');
  });
});
