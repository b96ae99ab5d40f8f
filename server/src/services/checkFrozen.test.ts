import { describe, expect, it } from 'vitest';
import { anySprouting, experimentFrom, moveUnit, type Experiment } from '@fern/core';
import { ProblemError } from '../ProblemError';
import { checkFrozen } from './checkFrozen';

const draft = experimentFrom(anySprouting, { created: '2026-04-01', startOn: '2026-04-01', seed: 3 });
const started: Experiment = { ...draft, plan: { ...draft.plan, frozenOn: '2026-04-01' } };
const amendment = { on: '2026-04-03', what: 'the hypothesis', reason: 'it was misread' };
const amended = (experiment: Experiment): Experiment => ({
  ...experiment,
  plan: { ...experiment.plan, amendments: [...experiment.plan.amendments, amendment] },
});

describe('a draft', () => {
  it('may change in everything', () => {
    expect(() => checkFrozen(draft, { ...draft, hypothesis: 'Another', arms: draft.arms.slice(0, 1), units: [] })).not.toThrow();
  });
});

describe('a started plan', () => {
  const changes: readonly (readonly [string, Partial<Experiment>])[] = [
    ['its hypothesis', { hypothesis: 'Another' }],
    ['its question', { question: 'Another?' }],
    ['its arms', { arms: draft.arms.map((arm) => ({ ...arm, name: `${arm.name}!` })) }],
    ['its measures', { measures: draft.measures.map((measure) => ({ ...measure, smallestDifference: 1 })) }],
    ['its day 0', { startedOn: '2026-03-01' }],
    ['the size of the claim', { claimedRatio: 9 }],
    ['where its units stand', { units: moveUnit(draft.units, 'D01', 1, 5) as Experiment['units'] }],
    ['its end rule', { plan: { ...started.plan, endRule: 'when it looks good' } }],
    ['that it has started', { plan: { ...started.plan, frozenOn: null } }],
  ];

  it.each(changes)('does not change %s without an amendment', (_, change) => {
    expect(() => checkFrozen(started, { ...started, ...change })).toThrow(ProblemError);
  });

  it.each(changes)('changes %s with one', (_, change) => {
    expect(() => checkFrozen(started, amended({ ...started, ...change }))).not.toThrow();
  });

  it.each<[string, Partial<Experiment>]>([
    ['the writer’s words', { writing: { ...started.writing, discussion: 'As typed.' } }],
    ['its title', { title: 'Another title' }],
    ['what a unit became', { units: started.units.map((unit) => ({ ...unit, status: 'lost' as const, statusReason: 'dropped' })) }],
    ['the kit and the steps', { plan: { ...started.plan, materials: ['more'], steps: ['one more'] } }],
  ])('%s stay free', (_, change) => {
    expect(() => checkFrozen(started, { ...started, ...change })).not.toThrow();
  });

  it('keeps its amendments as they were written', () => {
    const before = amended(started);
    const bent = { ...before, plan: { ...before.plan, amendments: [{ ...amendment, reason: 'a better one' }] } };
    expect(() => checkFrozen(before, bent)).toThrow(/stay as they were written/);
    expect(() => checkFrozen(before, { ...before, plan: { ...before.plan, amendments: [] } })).toThrow(ProblemError);
  });
});
