import { itemAt, tupleOf } from '../invariant';
import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../ask/experimentFrom';
import { questions } from '../ask/questions';
import { blankOf, careFields, fixedChanges, isSealed, readsBlind, type Care, type Experiment } from '../model';
import { startOn } from './startOn';
import { giveBlindCodes, keyOf, openKey, sealKey, spokenCodes } from './blindCodes';
import { SET_UP } from '../study/liveEntries';
import { setUpOrder, recipeOf } from './setUp';

const planOf = (id: string): Experiment => {
  const question = questions.find((own) => own.id === id);
  if (!question) throw new Error(`no question ${id}`);
  return experimentFrom(question, { created: '2027-01-02', startOn: '2027-03-28', seed: 5 });
};

describe('blind codes', () => {
  it('can be said, are each used once, and tell nothing of the arms', () => {
    const codes = spokenCodes(400, 7);
    expect(new Set(codes).size).toBe(400);
    for (const code of codes) expect(code).toMatch(/^[BDFGKLMNPRSTVZ][AEIOU][BDFGKLMNPRSTVZ][AEIOU]$/);
    expect(new Set(spokenCodes(40, 3).map((code) => code.slice(0, 3))).size).toBe(40);
    expect(() => spokenCodes(5000, 1)).toThrow(RangeError);
  });

  it('are never in the order of the arms, nor of the places: over many deals a code’s rank goes with neither', () => {
    const plan = planOf('rooting-aid');
    const arms = plan.arms.map(({ code: arm }) => arm);
    const gaps = Array.from({ length: 200 }, (_, seed) => {
      const key = keyOf(giveBlindCodes(plan, seed));
      const ranks = arms.map(
        (arm) => key.reduce((sum, line, i) => sum + (line.arm === arm ? i : 0), 0) / key.filter((line) => line.arm === arm).length,
      );
      return itemAt(ranks, 0) - itemAt(ranks, 1);
    });
    const mean = gaps.reduce((a, b) => a + b, 0) / gaps.length;
    // The SD of a difference of two mean ranks of ten among thirty is near 4, of the mean of 200 near 0.28.
    expect(Math.abs(mean)).toBeLessThan(1.2);
    expect(gaps.some((gap) => gap > 1) && gaps.some((gap) => gap < -1)).toBe(true);
  });

  it('keep arm, place and seeds, and are not given once it has started', () => {
    const plan = planOf('rooting-aid');
    const coded = giveBlindCodes(plan, 3);
    const bare = ({ units }: Experiment) => units.map(({ code: _unit, ...rest }) => rest);
    expect(bare(coded)).toEqual(bare(plan));
    expect(coded.blinded).toBe(true);
    const started = startOn(plan, '2027-03-28', '2027-03-28');
    expect(giveBlindCodes(started, 3)).toBe(started);
  });

  it('sealing and opening change nothing that the start has fixed', () => {
    const started = startOn(planOf('any-height'), '2027-03-28', '2027-03-28');
    const sealed = sealKey(started, '2027-03-29');
    expect(fixedChanges(started, sealed)).toEqual([]);
    expect(fixedChanges(sealed, openKey(sealed, '2027-05-09', 'me', 'read'))).toEqual([]);
  });

  it('the key is sealed, and opened with who and why; from then on reading is not blind', () => {
    const sealed = sealKey(giveBlindCodes(planOf('rooting-aid'), 3), '2027-03-28');
    expect([isSealed(sealed), readsBlind(sealed)]).toEqual([true, true]);
    const open = openKey(sealed, '2027-05-09', 'B. Maidenhair', 'all is read');
    expect([isSealed(open), readsBlind(open)]).toEqual([false, false]);
    expect(open.plan.seal).toEqual({ sealedOn: '2027-03-28', openedOn: '2027-05-09', openedBy: 'B. Maidenhair', reason: 'all is read' });
  });
});

describe('putting out', () => {
  const done = (units: readonly string[]): Care => ({
    ...blankOf(careFields),
    id: units.join(),
    on: '2027-03-28',
    kind: 'other',
    step: SET_UP,
    units,
  });

  it('goes along the bench once', () => {
    const plan = planOf('any-height');
    const order = setUpOrder({
      experiment: { ...plan, plan: { ...plan.plan, spilloverRoutes: [] } },
      care: [],
    });
    const places = order.map(({ unit }) => (unit.row ?? 0) * 1000 + (unit.column ?? 0));
    expect(places).toEqual([...places].sort((a, b) => a - b));
  });

  it('begins with the control where something could get into it, and each arm goes along the bench', () => {
    const order = setUpOrder({ experiment: planOf('suspect-compost'), care: [] });
    const arms = order.map(({ unit }) => unit.arm);
    expect(arms).toEqual([...Array.from({ length: 12 }, () => 'C'), ...Array.from({ length: 12 }, () => 'S')]);
  });

  it('knows what was put out, by whom ever', () => {
    const plan = planOf('suspect-compost');
    const [first, second] = tupleOf(setUpOrder({ experiment: plan, care: [] }), 2);
    const order = setUpOrder({ experiment: plan, care: [done([first.unit.code]), done([second.unit.code])] });
    expect(order.filter(({ isDone }) => isDone)).toHaveLength(2);
  });

  it('tells what one of an arm gets', () => {
    const plan = planOf('amendment-dose');
    const kit = { ...plan.plan.kit, mediumEach: 600, mediumBy: 'g' as const };
    const recipe = recipeOf({ ...plan, plan: { ...plan.plan, kit } }, '10', 'metric');
    expect(recipe).toEqual(['3 bean seeds', '540 g base mix without fertiliser', '60 g castings, blended in']);
    expect(recipeOf(planOf('what-holds-water'), 'W', 'metric')).toContain('5 g wetting agent');
    expect(recipeOf(planOf('heat-and-acid'), 'A', 'metric')).toContain('a day in vinegar (24 h)');
  });
});
