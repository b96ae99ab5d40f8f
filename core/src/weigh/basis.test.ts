import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { fairTest } from '../plan/fairTest';
import { aMeasure, anArm, studyOf } from '../testing';
import type { Study } from '../model';
import { armsTable } from '../words/write/resultTables';
import { dotsPicture } from './picture/dots';

const share = aMeasure({ kind: 'count', unit: '', smallestDifference: 10 });
const only = (study: Study) => itemAt(analyse(study).measures, 0);
const arms = [anArm('C', { name: 'still water' }), anArm('T', { name: 'aired water' })];
const tanks = (perArm: number, heads: number) =>
  studyOf(
    {
      C: Array.from({ length: perArm * heads }, (_, i) => 100 + (i % 5) + 3 * Math.floor(i / heads)),
      T: Array.from({ length: perArm * heads }, (_, i) => 120 + (i % 5) + 3 * Math.floor(i / heads)),
    },
    { arms, plan: { ...studyOf({ C: [1], T: [1] }).experiment.plan, unitNoun: 'head', plant: 'lettuce', containerNoun: 'tank' } },
    (arm, i) => ({ container: `tank ${arm}.${1 + Math.floor(i / heads)}` }),
  );

describe('what counts once', () => {
  it('one half tray an arm cannot be told from that half tray’s luck, whatever the seeds say', () => {
    const plan = { ...studyOf({ C: [1], T: [1] }).experiment.plan, unitNoun: 'half tray' };
    const row = only(studyOf({ C: [14], T: [4] }, { measures: [{ ...share, expected: 'less' }], plan }, () => ({ sown: 20 })));
    expect(row.verdict.code).toBe('cannot-tell');
    expect(row.comparisons[0]).toMatchObject({ p: null, difference: { value: expect.closeTo(-0.5, 12) } });
    expect(row.verdict.sentence).toContain('50 percentage points lower');
    expect(row.verdict.sentence).toContain(
      'each group was only one half tray, so the treatment can’t be separated from that half tray’s luck',
    );
    expect(row.verdict.unitsNeeded).toBeNull();
    // What a course report asks for stands beside it, marked.
    expect(row.tests.find(({ method }) => method === 'fisher-exact')?.ignoresUnits).toBe(true);
  });

  it('an arm with one pot beside an arm with many cannot be told either', () => {
    const row = only(studyOf({ C: [10, 11, 10, 12, 11, 10], T: [30] }));
    expect(row).toMatchObject({ verdict: { code: 'cannot-tell' }, comparisons: [{ p: null }] });
    expect(row.verdict.sentence).toContain('T was only one pot, so the treatment can’t be separated from that pot’s luck');
  });

  it('twelve heads in one tank are one, not twelve', () => {
    const row = only(tanks(1, 12));
    expect(row.basis).toBe('container');
    expect(row.arms.map(({ units }) => units)).toEqual([1, 1]);
    expect(row).toMatchObject({ verdict: { code: 'cannot-tell', unitsNeeded: null }, comparisons: [{ p: null }] });
    expect(row.verdict.sentence).toContain('each group was only one tank, so the treatment can’t be separated from that tank’s luck');
  });

  it('three tanks an arm with four heads each are three, by their means', () => {
    const row = only(tanks(3, 4));
    expect(row.arms.map(({ units }) => units)).toEqual([3, 3]);
    expect(row.values.map(({ unit }) => unit)).toEqual(['tank C.1', 'tank C.2', 'tank C.3', 'tank T.1', 'tank T.2', 'tank T.3']);
    // By hand: heads 0 to 3 of each tank are 100, 101, 102, 103 and so on.
    expect(itemAt(row.values, 0).value).toBeCloseTo((100 + 101 + 102 + 103) / 4, 12);
    // Three against three: 2 of 20 shuffles.
    expect(itemAt(row.comparisons, 0).p).toBeCloseTo(0.1, 12);
    expect(row.verdict.code).toBe('cannot-tell');
  });

  it('is what picture and table speak of', () => {
    const study = tanks(3, 4);
    const row = only(study);
    expect(dotsPicture({ study, measure: itemAt(study.experiment.measures, 0), result: row }).note).toContain('Each dot is one tank.');
    expect(armsTable(study, itemAt(study.experiment.measures, 0), row).caption).toContain('Each tank counts once.');
  });

  it('six tanks an arm can tell', () => {
    expect(only(tanks(6, 2))).toMatchObject({ basis: 'container', verdict: { code: 'supported' } });
  });

  it('trays that hold all arms are a place and no unit', () => {
    const mixed = studyOf({ C: [10, 11, 10, 12], T: [20, 21, 20, 22] }, {}, (_, i) => ({ container: `tray ${i % 2}` }));
    expect(only(mixed)).toMatchObject({ basis: 'unit', arms: [{ units: 4 }, { units: 4 }], verdict: { code: 'supported' } });
  });

  it('shares of the sown in a tank are its mean, and the seeds stand beside', () => {
    const study = studyOf({ C: [10, 20, 12, 18], T: [4, 2, 6, 8] }, { measures: [share] }, (arm, i) => ({
      sown: 20,
      container: `tray ${arm}.${i % 2}`,
    }));
    const row = only(study);
    expect(row.arms[0]).toMatchObject({ units: 2, successes: 60, trials: 80 });
    expect(row.values.map(({ value }) => value)).toEqual([0.55, 0.95, 0.25, 0.25]);
  });

  it.each([
    [1, 6, null, 'cannot-tell'],
    [6, 2, 2 / 924, 'supported'],
  ])('days of an event in %d tanks an arm of %d heads are compared tank by tank', (perArm, heads, p, code) => {
    const event = aMeasure({ kind: 'event', unit: 'd', smallestDifference: 2, higherIs: 'worse' });
    const own = tanks(perArm, heads);
    const row = only({
      ...own,
      experiment: { ...own.experiment, measures: [event] },
      observations: own.observations.map((seen) => ({
        ...seen,
        value: 1,
        observedOn: seen.unit.startsWith('C') ? '2026-04-12' : '2026-04-05',
      })),
    });
    expect(row).toMatchObject({
      basis: 'container',
      arms: [{ units: perArm }, { units: perArm }],
      verdict: { code },
      comparisons: [{ p }],
    });
  });

  it('the plan speaks of what counts: no result could convince with two tanks an arm', () => {
    const findings = (perArm: number, heads: number) => fairTest(tanks(perArm, heads).experiment).filter(({ rule }) => rule === 'reach');
    expect(findings(2, 6)[0]?.facts).toMatchObject({ unit: 'tank' });
    expect(findings(6, 2)).toEqual([]);
  });
});
