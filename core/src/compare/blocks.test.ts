import { itemAt, tupleOf } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { fairTest } from '../plan/fairTest';
import { aMeasure, studyOf } from '../testing';
import type { Study } from '../model';

const only = (study: Study) => itemAt(analyse(study).measures, 0);

describe('arms that coincide with blocks', () => {
  const beds = studyOf({ C: [10, 11, 10, 12], T: [20, 21, 20, 22] }, { layout: 'blocks' }, (arm) => ({
    block: arm === 'C' ? 'north' : 'south',
  }));

  it('cannot be compared: what is seen stands, and no interval and no p', () => {
    const row = only(beds);
    expect(row.comparisons[0]).toMatchObject({ difference: { value: 10, ci95: null }, p: null, verdict: 'cannot-tell' });
    expect(row.verdict.code).toBe('cannot-tell');
    expect(row.reasons).toContain(
      'Each block holds one of the two groups alone, so the effect of the block can’t be separated from the effect of the group.',
    );
  });

  it('are told of in the plan', () => {
    expect(fairTest(beds.experiment).find(({ rule }) => rule === 'place')).toMatchObject({
      severity: 'serious',
      facts: { is: 'apart', how: 'block' },
    });
    const good = studyOf({ C: [1, 2, 3, 4], T: [1, 2, 3, 4] }, { layout: 'blocks' }, (_, i) => ({ block: i < 2 ? 'a' : 'b' }));
    expect(fairTest(good.experiment).filter(({ rule }) => rule === 'place')).toEqual([]);
  });

  it('in three arms are those alone that no block joins: the others are compared', () => {
    const values = { C: [10, 11, 12, 13], T: [14, 15, 16, 17], U: [30, 31, 32, 33] };
    const row = only(studyOf(values, { layout: 'blocks' }, (arm, i) => ({ block: arm === 'U' ? 'far' : i < 2 ? 'a' : 'b' })));
    const [t, u] = tupleOf(row.comparisons, 2);
    expect(t.p).toBeLessThan(0.05);
    expect(u).toMatchObject({ arm: 'U', p: null, difference: { value: 20, ci95: null } });
  });

  it('that one block joins through a third arm can be compared', () => {
    const values = { C: [10, 11, 10, 11], T: [14, 15, 24, 25], U: [30, 31, 30, 32] };
    const row = only(studyOf(values, { layout: 'blocks' }, (arm, i) => ({ block: arm === 'C' || (arm === 'T' && i < 2) ? 'a' : 'b' })));
    expect(row.comparisons.find(({ arm }) => arm === 'U')?.p).not.toBeNull();
  });
});

describe('pairs', () => {
  it('units without a partner are no pair', () => {
    const study = studyOf({ C: [1, 2, 3, 4, 5, 90], T: [2, 3, 4, 5, 6.5, 10] }, { layout: 'pairs', measures: [aMeasure()] }, (_, i) => ({
      block: i < 5 ? `pair ${i}` : null,
    }));
    const row = only(study);
    expect(row.reasons[0]).toBe('2 of 7 pairs have one half only and are left out.');
    expect(itemAt(row.comparisons, 0).difference.value).toBeCloseTo((1 + 1 + 1 + 1 + 1.5) / 5, 12);
  });
});
