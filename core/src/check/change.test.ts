import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../ask/experimentFrom';
import { anySprouting } from '../ask/questions/anySprouting';
import { itemAt } from '../invariant';
import type { Experiment } from '../model';
import { moveUnit } from '../plan/edits/moveUnit';
import { redesign } from '../plan/redesign';
import { checkChange, withListedChanges } from './change';

const draft = experimentFrom(anySprouting, { created: '2026-04-01', startOn: '2026-04-01', seed: 3 });
const started: Experiment = { ...draft, plan: { ...draft.plan, lockedOn: '2026-04-01' } };
const amendment = { on: '2026-04-03', what: 'the hypothesis', reason: 'it was misread', changes: [] };
const amended = (experiment: Experiment): Experiment => ({
  ...experiment,
  plan: { ...experiment.plan, amendments: [...experiment.plan.amendments, amendment] },
});

const nothing = { read: [], named: { units: [], arms: [] } };
const said = (before: Experiment, after: Experiment, logged: Parameters<typeof checkChange>[2] = nothing) =>
  checkChange(before, after, logged).map(({ answer, pointer, detail }) => `${answer} ${pointer}: ${detail}`);

describe('a draft', () => {
  it('may change in everything', () => {
    expect(said(draft, { ...draft, hypothesis: 'Another', arms: draft.arms.slice(0, 1), units: [] })).toEqual([]);
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
    expect(said(started, { ...started, ...change })).toEqual([expect.stringMatching(/^refused \//)]);
  });

  it.each(changes)('changes %s with one', (_, change) => {
    expect(said(started, amended({ ...started, ...change }))).toEqual([]);
  });

  const first = itemAt(draft.units, 0);
  const rest = draft.units.slice(1);
  it.each<[string, Experiment['units']]>([
    ['places that were moved', moveUnit(draft.units, 'D01', 1, 5)],
    ['an arm that was dealt again', [{ ...first, arm: draft.arms.find(({ code: arm }) => arm !== first.arm)?.code ?? '' }, ...rest]],
    ['another block', [{ ...first, block: 'A' }, ...rest]],
  ])('does not take %s, whatever an amendment says', (_, units) => {
    expect(said(started, amended({ ...started, units }))).toEqual([expect.stringMatching(/keeps its group, its block and its position/)]);
  });

  it.each<[string, Partial<Experiment>]>([
    ['the writer’s words', { writing: { ...started.writing, discussion: 'As typed.' } }],
    ['its title', { title: 'Another title' }],
    ['what a unit became', { units: started.units.map((unit) => ({ ...unit, status: 'lost' as const, statusReason: 'dropped' })) }],
    ['the kit and the steps', { plan: { ...started.plan, materials: ['more'], steps: ['one more'] } }],
  ])('%s stay free', (_, change) => {
    expect(said(started, { ...started, ...change })).toEqual([]);
  });

  it('stays started, with an amendment or without', () => {
    const thawed = { ...started, plan: { ...started.plan, lockedOn: null } };
    expect(said(started, thawed)).toEqual([expect.stringMatching(/cannot be taken back/)]);
    expect(said(started, amended(thawed))).toEqual([expect.stringMatching(/cannot be taken back/)]);
    expect(said(started, amended({ ...started, plan: { ...started.plan, lockedOn: '2026-04-09' } }))).toEqual([
      expect.stringMatching(/^refused \//),
    ]);
  });

  it('is the same whatever the order of its keys', () => {
    const turned = <T extends object>(value: T) => Object.fromEntries(Object.entries(value).reverse()) as T;
    const other = turned({
      ...started,
      units: started.units.map(turned),
      plan: turned({ ...started.plan, kept: started.plan.kept.map(turned) }),
    });
    expect(said(started, other)).toEqual([]);
  });

  it('an amendment lists what was changed, old and new', () => {
    const first = itemAt(draft.arms, 1);
    const bent = amended({
      ...started,
      hypothesis: 'Another',
      arms: draft.arms.map((arm) => (arm === first ? { ...arm, name: 'Sea water' } : arm)),
      units: [...draft.units.slice(1), { ...itemAt(draft.units, 0), code: 'D99' }],
    });
    expect(itemAt(withListedChanges(started, bent).plan.amendments, 0).changes).toEqual([
      { what: 'the hypothesis', before: draft.hypothesis, after: 'Another' },
      { what: `arm ${first.code}, name`, before: first.name, after: 'Sea water' },
      { what: 'unit D01', before: 'there', after: 'taken away' },
      { what: 'unit D99', before: 'not there', after: itemAt(draft.units, 0).arm },
    ]);
  });

  it('keeps its amendments as they were written', () => {
    const before = amended(started);
    const bent = { ...before, plan: { ...before.plan, amendments: [{ ...amendment, reason: 'a better one' }] } };
    expect(said(before, bent)).toEqual([expect.stringMatching(/stay as they were written/)]);
    expect(said(before, { ...before, plan: { ...before.plan, amendments: [] } })).toEqual([expect.stringMatching(/^refused \//)]);
  });
});

describe('what the log speaks of', () => {
  const without = (code: string) => ({ ...draft, units: draft.units.filter((unit) => unit.code !== code) });
  const [first, second] = [itemAt(draft.arms, 0), itemAt(draft.arms, 1)];

  it('a unit or a measure with readings stays', () => {
    const read = [{ unit: 'D01', measure: 'sprouts' }];
    expect(said(draft, without('D01'), { ...nothing, read })).toEqual([expect.stringMatching(/^refused \/units: Unit D01 has readings/)]);
    expect(said(draft, without('D02'), { ...nothing, read })).toEqual([]);
    const renamed = { ...draft, measures: draft.measures.map((own) => ({ ...own, code: `${own.code}2` })) };
    expect(said(draft, renamed, { ...nothing, read })).toEqual([
      expect.stringMatching(/^refused \/measures: Measure sprouts has readings/),
    ]);
  });

  it('so does a unit or an arm that an entry names', () => {
    expect(said(draft, without('D01'), { read: [], named: { units: ['D01'], arms: [] } })).toEqual([
      expect.stringMatching(/^refused \/units: Care, a mishap or a photo names unit D01/),
    ]);
    const fewer = { ...draft, arms: draft.arms.filter((arm) => arm !== second) };
    expect(said(draft, fewer, { read: [], named: { units: [], arms: [second.code] } })).toEqual([
      expect.stringMatching(/^refused \/arms: /),
    ]);
    expect(said(draft, fewer, { read: [], named: { units: [], arms: [first.code] } })).toEqual([]);
  });

  it('predictions are sealed once anything was read', () => {
    const prediction = { person: 'A', expects: 'more', reason: '', on: '2026-04-01', way: null, by: null, ranking: [] };
    const told = { ...draft, plan: { ...draft.plan, predictions: [prediction] } };
    expect(said(draft, told)).toEqual([]);
    expect(said(draft, told, { ...nothing, read: [{ unit: 'D01', measure: 'sprouts' }] })).toEqual([
      expect.stringMatching(/^refused \/plan\/predictions: /),
    ]);
  });

  it('a key is sealed and opened by deeds of their own', () => {
    const sealed = { ...draft, plan: { ...draft.plan, seal: { ...draft.plan.seal, sealedOn: '2026-04-01' } } };
    expect(said(draft, sealed)).toEqual([expect.stringMatching(/^refused \/plan\/seal: /)]);
    expect(said(sealed, draft)).toEqual([expect.stringMatching(/^refused \/plan\/seal: /)]);
  });
});
