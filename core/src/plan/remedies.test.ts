import { describe, expect, it } from 'vitest';
import { type Experiment } from '../model';
import { anArm } from '../testing';
import { shareContainers } from './edits/bench';
import { remedyFor } from './remedies';
import { type Finding } from '../words/findings';
import { bath, cases, good, told } from './fairTest.fixture';

const byHand = new Set<Finding['rule']>(['measure', 'held', 'scope', 'words']);

describe('remedies', () => {
  it.each(cases.filter(({ rule }) => !byHand.has(rule)))('the button for $rule makes its finding go away', ({ rule, fires }) => {
    const remedy = remedyFor({ rule }, fires);
    expect(remedy?.label.length).toBeGreaterThan(8);
    const mended = remedy?.apply(fires, 21) ?? fires;
    expect(told(mended).filter((finding) => finding.rule === rule)).toEqual([]);
  });

  it('a bath that the control has already is made as long, not given a second time', () => {
    const baths = (hours: number) => [bath('soak', 'T', 6), bath('plain soak', 'C', hours)];
    const plan = good({}, { stages: baths(2) });
    const mended = remedyFor({ rule: 'vehicle' }, plan)?.apply(plan, 1) ?? plan;
    expect(mended.plan.stages).toEqual(baths(6));
    expect(remedyFor({ rule: 'vehicle' }, mended)?.apply(mended, 1).plan.stages).toEqual(baths(6));
  });

  it('a remedy that lays out anew keeps what units share, and with it what is found about that', () => {
    const shared = shareContainers(good(), { how: 'arm', what: 'tank', each: 1 });
    const found = (experiment: Experiment) => told(experiment).filter(({ rule }) => rule === 'shared').length;
    expect(found(shared)).toBeGreaterThan(0);
    for (const rule of ['position', 'identity', 'unequal'] as const) {
      const after = remedyFor({ rule }, shared)?.apply(shared, 5) ?? shared;
      expect(found(after)).toBe(found(shared));
    }
  });

  it.each([
    ['two controls', good({ arms: [anArm('C'), anArm('T', { role: 'control' }), anArm('U')] })],
    ['no treatment', good({ arms: [anArm('C')] })],
  ])('also for %s', (_, experiment) => {
    const mended = remedyFor({ rule: 'comparison' }, experiment)?.apply(experiment, 1) ?? experiment;
    expect(told(mended).filter(({ rule }) => rule === 'comparison')).toEqual([]);
  });

  it('there is none where only the person can, or where it would not fit the bench', () => {
    for (const rule of byHand) expect(remedyFor({ rule }, good())).toBeNull();
    expect(remedyFor({ rule: 'power' }, good({}, { spreadGuess: 30 }))).toBeNull();
  });
});
