import { describe, expect, it } from 'vitest';
import { anySprouting, experimentFrom, moveUnit, redesign, type Experiment, itemAt } from '@fern/core';
import { ProblemError } from '../ProblemError';
import { checkFrozen } from './checkFrozen';

const draft = experimentFrom(anySprouting, { created: '2026-04-01', startOn: '2026-04-01', seed: 3 });
const started: Experiment = { ...draft, plan: { ...draft.plan, lockedOn: '2026-04-01' } };
const amendment = { on: '2026-04-03', what: 'the hypothesis', reason: 'it was misread', changes: [] };
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
    ['how many units there are', { units: redesign(started, { unitsPerArm: 8 }).units }],
    ['its end rule', { plan: { ...started.plan, endRule: 'when it looks good' } }],
    [
      'what the control must reach',
      { plan: { ...started.plan, controlLimits: [{ measure: 'sprouts', arm: null, least: 1, most: null }] } },
    ],
    ['that it is read blind', { blinded: !draft.blinded }],
    ['how many plants are kept', { plan: { ...started.plan, plantsKept: 7 } }],
    ['which plants are kept', { plan: { ...started.plan, thinningRule: 'the tallest' } }],
    ['what is usually kept the same', { plan: { ...started.plan, usuallyKept: [] } }],
    ['the shuffle number', { plan: { ...started.plan, randomisationSeed: 1 } }],
    ['the barriers', { plan: { ...started.plan, barriers: [{ row: 1, column: 1 }] } }],
  ];

  it.each(changes)('does not change %s without an amendment', (_, change) => {
    expect(() => checkFrozen(started, { ...started, ...change })).toThrow(ProblemError);
  });

  it.each(changes)('changes %s with one', (_, change) => {
    expect(() => checkFrozen(started, amended({ ...started, ...change }))).not.toThrow();
  });

  const first = itemAt(draft.units, 0);
  const rest = draft.units.slice(1);
  it.each<[string, Experiment['units']]>([
    ['places that were moved', moveUnit(draft.units, 'D01', 1, 5)],
    ['an arm that was dealt again', [{ ...first, arm: draft.arms.find(({ code: arm }) => arm !== first.arm)?.code ?? '' }, ...rest]],
    ['another block', [{ ...first, block: 'A' }, ...rest]],
  ])('does not take %s, whatever an amendment says', (_, units) => {
    expect(() => checkFrozen(started, amended({ ...started, units }))).toThrow(/keeps its arm, its block and its place/);
  });

  it.each<[string, Partial<Experiment>]>([
    ['the writer’s words', { writing: { ...started.writing, discussion: 'As typed.' } }],
    ['its title', { title: 'Another title' }],
    ['what a unit became', { units: started.units.map((unit) => ({ ...unit, status: 'lost' as const, statusReason: 'dropped' })) }],
    ['the kit and the steps', { plan: { ...started.plan, materials: ['more'], steps: ['one more'] } }],
  ])('%s stay free', (_, change) => {
    expect(() => checkFrozen(started, { ...started, ...change })).not.toThrow();
  });

  it('stays started, with an amendment or without', () => {
    const thawed = { ...started, plan: { ...started.plan, lockedOn: null } };
    expect(() => checkFrozen(started, thawed)).toThrow(/cannot be taken back/);
    expect(() => checkFrozen(started, amended(thawed))).toThrow(/cannot be taken back/);
    expect(() => checkFrozen(started, amended({ ...started, plan: { ...started.plan, lockedOn: '2026-04-09' } }))).toThrow(ProblemError);
  });

  it('is the same whatever the order of its keys', () => {
    const turned = <T extends object>(value: T) => Object.fromEntries(Object.entries(value).reverse()) as T;
    const other = turned({
      ...started,
      units: started.units.map(turned),
      plan: turned({ ...started.plan, kept: started.plan.kept.map(turned) }),
    });
    expect(() => checkFrozen(started, other)).not.toThrow();
  });

  it('an amendment lists what was changed, old and new', () => {
    const first = itemAt(draft.arms, 1);
    const bent = amended({
      ...started,
      hypothesis: 'Another',
      arms: draft.arms.map((arm) => (arm === first ? { ...arm, name: 'Sea water' } : arm)),
      units: [...draft.units.slice(1), { ...itemAt(draft.units, 0), code: 'D99' }],
    });
    expect(itemAt(checkFrozen(started, bent).plan.amendments, 0).changes).toEqual([
      { what: 'the hypothesis', before: draft.hypothesis, after: 'Another' },
      { what: `arm ${first.code}, name`, before: first.name, after: 'Sea water' },
      { what: 'unit D01', before: 'there', after: 'taken away' },
      { what: 'unit D99', before: 'not there', after: itemAt(draft.units, 0).arm },
    ]);
  });

  it('keeps its amendments as they were written', () => {
    const before = amended(started);
    const bent = { ...before, plan: { ...before.plan, amendments: [{ ...amendment, reason: 'a better one' }] } };
    expect(() => checkFrozen(before, bent)).toThrow(/stay as they were written/);
    expect(() => checkFrozen(before, { ...before, plan: { ...before.plan, amendments: [] } })).toThrow(ProblemError);
  });
});
