import { itemAt, tupleOf } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { aMeasure, anArm, studyOf } from '../testing';
import { compareRepeatRuns, type RepeatRun } from './repeatRuns';

const arms = [anArm('C', { name: 'plain water' }), anArm('T', { name: 'tea' })];
const later = [anArm('W', { name: 'Plain water', role: 'control' }), anArm('N', { name: 'Tea ' })];
const thisYear: RepeatRun = { name: 'This year', study: studyOf({ C: [10, 11, 9, 10], T: [14, 15, 13, 14] }, { arms }) };
const lastYear: RepeatRun = {
  name: 'Last year',
  study: studyOf({ W: [20, 21, 19, 20], N: [24, 25, 23, 24] }, { arms: later, startedOn: '2025-04-01' }, () => ({})),
};
const old = {
  ...lastYear,
  study: { ...lastYear.study, observations: lastYear.study.observations.map((seen) => ({ ...seen, observedOn: '2025-04-08' })) },
};
const beside = (...others: RepeatRun[]) => compareRepeatRuns(thisYear, itemAt(analyse(thisYear.study).measures, 0), others);

describe('runs of one question', () => {
  it('stand beside one another by the names of their arms, and are pooled as blocks where they match', () => {
    const found = beside(old);
    expect(found?.table.rows.map(([name, , units, gap]) => [name, units, gap])).toEqual([
      ['This year', '8', '4.0 cm higher'],
      ['Last year', '8', '4.0 cm higher'],
      ['Together', '16', '4.00 cm higher'],
    ]);
    expect(found?.why).toBeNull();
    expect(found?.together).toMatch(
      /^Together, each run a block of its own: 4\.00 cm higher with tea than with plain water \(95% confidence interval 3\.\d+ to 4\.\d+ higher\)\.$/,
    );
    expect(found?.picture.title).toBe('All 3 went the same way');
  });

  it('a run that began elsewhere in the year, ten higher in both arms, makes the interval no wider: it is a block', () => {
    const width = (run: RepeatRun | null) => {
      const rows = (run ? beside(run) : beside())?.picture.table.rows ?? [];
      const [lo, hi] = tupleOf((rows.at(-1)?.[2] ?? '').split(' to ').map(Number), 2);
      return hi - lo;
    };
    expect(width(old)).toBeLessThan(width(null));
  });

  it.each<[string, RepeatRun, RegExp]>([
    [
      'other arms',
      { name: 'X', study: studyOf({ C: [1, 2], U: [3, 4] }, { arms: [itemAt(arms, 0), anArm('U', { name: 'coffee' })] }) },
      /X had other groups/,
    ],
    [
      'another unit',
      { name: 'X', study: studyOf({ C: [1, 2], T: [3, 4] }, { arms, measures: [aMeasure({ unit: 'mm' })] }) },
      /in another way/,
    ],
    [
      'another measure',
      { name: 'X', study: studyOf({ C: [1, 2], T: [3, 4] }, { arms, measures: [aMeasure({ name: 'Leaves' })] }) },
      /another main measurement/,
    ],
    ['pairs', { name: 'X', study: studyOf({ C: [1, 2], T: [3, 4] }, { arms, layout: 'pairs' }, (_, i) => ({ block: `p${i}` })) }, /Pairs/],
  ])('are not put together with %s, and it is said why', (_, run, why) => {
    expect(beside(run)).toMatchObject({ together: null, why: expect.stringMatching(why) });
  });
});
