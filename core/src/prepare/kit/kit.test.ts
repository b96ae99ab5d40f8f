import { itemAt, lastOf } from '../../invariant';
import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../../ask/experimentFrom';
import { questions } from '../../ask/questions';
import { emptyThing, type Experiment, type KitNeeds } from '../../model';
import { addArm, changePlan, changeStage, removeArm, renameArm } from '../../plan/edits';
import { redesign } from '../../plan/redesign';
import { followEdit } from '../../words/unworded';
import type { KitLine } from './KitLine';
import { kitCost, kitOf } from './kitOf';

const begun = { created: '2026-04-01', startOn: '2026-04-08', seed: 5 };
const planOf = (id: string): Experiment => {
  const question = questions.find((own) => own.id === id);
  if (!question) throw new Error(`no question ${id}`);
  return experimentFrom(question, begun);
};
const withKit = (experiment: Experiment, more: Partial<KitNeeds>) => changePlan(experiment, { kit: { ...experiment.plan.kit, ...more } });
const find = (lines: readonly KitLine[], id: string) => {
  const line = lines.find((own) => own.id === id);
  if (!line) throw new Error(`no line ${id}: ${lines.map((own) => own.id).join(', ')}`);
  return line;
};
const edit = (now: Experiment, change: (now: Experiment) => Experiment) => followEdit(now, change(now));

describe('the kit', () => {
  it('counts what goes in, with spare, and weighs it where a thousand have a mass', () => {
    const kit = kitOf(withKit(planOf('hard-coat'), { spare: 10, thousand: 80 }));
    expect(find(kit, 'put in')).toMatchObject({ what: 'sweet pea seeds', amount: 792, arms: [{ arm: 'C', amount: 180 }, {}, {}, {}] });
    expect(find(kit, 'put in by mass').amount).toBeCloseTo(63.36, 6);
    expect(find(kit, 'containers')).toMatchObject({ what: 'pots', amount: 40 });
  });

  it('plants wanted are got by sprouting and survival, 9 times in 10 in each arm (R qbinom)', () => {
    const plan = withKit(changePlan(planOf('any-height'), { plantsKept: null }), { sprout: 85, survive: 95, spare: 0 });
    // R: min n with 1 - pbinom(9, n, 0.85 * 0.95) >= 0.9 is 15.
    expect(find(kitOf(plan), 'put in')).toMatchObject({ amount: 30, arms: [{ amount: 15 }, { amount: 15 }] });
  });

  it('a mix in parts, wetted, with a share of the mix blended in', () => {
    const plan = withKit(planOf('amendment-dose'), {
      spare: 0,
      mediumEach: 600,
      mediumBy: 'g',
      parts: [
        { name: 'coir', parts: 3 },
        { name: 'sand', parts: 1 },
      ],
      wetting: 0.5,
    });
    const kit = kitOf(plan);
    // 10 % of 600 g is 60 g a pot, ten pots an arm; 5 arms at 0, 5, 10, 20 % and all of it a bought mix.
    expect(find(kit, 'addition castings').arms).toEqual([
      { arm: '10', amount: expect.closeTo(600, 6) as number },
      { arm: '5', amount: expect.closeTo(300, 6) as number },
      { arm: '20', amount: expect.closeTo(1200, 6) as number },
    ]);
    const base = 4 * 6000 - 2100;
    expect(find(kit, 'mix').amount).toBeCloseTo(base, 6);
    expect(find(kit, 'part coir').amount).toBeCloseTo((base * 3) / 4, 6);
    expect(find(kit, 'water to wet').amount).toBeCloseTo(base / 2, 6);
  });

  it('pours what is fed on each day of its step, as many as there are', () => {
    const feed = planOf('how-much-feed');
    expect(find(kitOf(withKit(feed, { spare: 0 })), 'solution plain water').amount).toBe(100 * 4 * 8);
    const twice = edit(feed, (now) => changeStage(changeStage(now, 0, { days: [7, 21] }), 1, { days: [7, 21] }));
    expect(find(kitOf(withKit(twice, { spare: 0 })), 'solution plain water')).toMatchObject({
      amount: 100 * 2 * 8,
      how: '100 mL to each, 2 times; with 0% to spare',
    });
    expect(twice.plan.steps.join(' ')).toContain('on days 7 and 21');
  });

  it('solutions from a stock, or by grams a litre as the doses say', () => {
    const salt = kitOf(withKit(planOf('salt-dose'), { spare: 0 }));
    // Ten pots, 100 mL each, twelve times: 12 L a group.
    expect(find(salt, 'solid kitchen salt').arms).toEqual([
      { arm: '2', amount: 24 },
      { arm: '1', amount: 12 },
      { arm: '05', amount: 6 },
    ]);
    const feed = {
      name: 'feed',
      arms: ['X'],
      each: 50,
      times: 4,
      aWeek: null,
      onSteps: false,
      made: 'ratio' as const,
      ratio: '1:500',
      grams: null,
    };
    const kit = kitOf(withKit(planOf('any-height'), { spare: 0, solutions: [feed] }));
    expect(find(kit, 'solution feed').amount).toBe(2000);
    expect(find(kit, 'stock feed').amount).toBeCloseTo(4, 9);
    expect(find(kit, 'water feed').amount).toBeCloseTo(1996, 9);
  });

  it('costs by the piece, the litre and the kilogram, an arm and in all', () => {
    const plan = withKit(planOf('any-height'), {
      spare: 0,
      mediumEach: 500,
      prices: [
        { item: 'mix', price: 0.2 },
        { item: 'containers', price: 0.5 },
      ],
    });
    const cost = kitCost(kitOf(plan));
    expect(cost?.all).toBeCloseTo(0.2 * 10 + 0.5 * find(kitOf(plan), 'containers').amount!, 9);
    expect(cost?.arms.map(({ arm }) => arm)).toEqual(['C', 'X']);
    expect(kitCost(kitOf(planOf('any-height')))).toBeNull();
  });

  it('tells the same thing for two groups apart', () => {
    const cups = { ...emptyThing, what: 'cups', each: 1, per: 'unit' as const };
    const kit = kitOf(
      withKit(planOf('any-height'), {
        things: [
          { ...cups, arms: ['C'] },
          { ...cups, arms: ['X'] },
        ],
      }),
    );
    expect(kit.filter(({ what }) => what === 'cups').map(({ id }) => id)).toEqual(['thing cups', 'thing cups (2)']);
  });

  it('keeps every line that a person typed, numbers and all', () => {
    const typed = changePlan(planOf('hard-coat'), { materials: ['720 seeds of my aunt', '36 pots', 'string'] });
    const own = kitOf(typed)
      .filter(({ id }) => id.startsWith('own'))
      .map(({ what }) => what);
    expect(own).toEqual(['720 seeds of my aunt', '36 pots', 'string']);
  });
});

describe.each(questions)('the kit of $id', (question) => {
  const before = experimentFrom(question, begun);
  const ticked = changePlan(before, {
    materials: [...before.plan.materials, '7 things of my own'],
    kit: { ...before.plan.kit, ticked: kitOf(before).map(({ id }) => id) },
  });

  it('follows units, seeds, arm names and arms that go, with no number or name of the old plan left and no tick lost', () => {
    const first = itemAt(
      before.arms.filter(({ role }) => role === 'treatment'),
      0,
    );
    const more = edit(
      edit(ticked, (now) => redesign(now, { unitsPerArm: question.unitsPerArm + 3 })),
      (now) => ({
        ...now,
        units: now.units.map((unit) => ({ ...unit, sown: unit.sown === null ? null : unit.sown + 1 })),
      }),
    );
    const named = edit(more, (now) => renameArm(now, first.code, 'fennick mixture'));
    const kit = kitOf(named);
    const units = named.units.length;
    const sown = named.units.reduce((sum, { sown: n }) => sum + (n ?? 0), 0);
    if (sown > 0) expect(find(kit, 'put in').amount).toBe(Math.ceil(sown * 1.1 - 1e-9));
    expect(find(kit, 'labels').amount).toBe(units + named.arms.length);
    const old = [before.units.length, before.units.reduce((sum, { sown: n }) => sum + (n ?? 0), 0)].filter(
      (n) => n > 12 && n !== units && n !== sown,
    );
    for (const { what } of kit) for (const n of old) expect(what).not.toMatch(new RegExp(`^${n} (?!cells)`));
    expect(kit.filter(({ isTicked }) => !isTicked).map(({ what }) => what)).toEqual(['7 things of my own']);
  });

  it('adds up: what each group gets × its units × times, and no more than is to spare on top', () => {
    const { kit } = before.plan;
    const lines = kitOf(before);
    const unitsOf = (code: string) => before.units.filter(({ arm }) => arm === code).length;
    const those = (arms: readonly string[]) =>
      before.arms.filter(({ code }) => arms.length === 0 || arms.includes(code)).map(({ code }) => code);
    const each = (line: KitLine) => Object.fromEntries(line.arms.map(({ arm, amount }) => [arm, amount]));
    for (const { name, arms, each: mL, times, aWeek, onSteps, made, grams } of kit.solutions) {
      const weeks = Math.max(...before.measures.flatMap(({ readingDays }) => readingDays)) / 7;
      const dated = before.plan.stages.filter((stage) => stage.arms.some((arm) => those(arms).includes(arm))).flatMap(({ days }) => days);
      const often = onSteps ? new Set(dated).size : aWeek === null ? times : Math.ceil(aWeek * weeks);
      const poured = Object.fromEntries(those(arms).map((code) => [code, mL * often * unitsOf(code)]));
      expect(each(find(lines, `solution ${name}`))).toEqual(poured);
      if (made !== 'grams') continue;
      const dose = (code: string) => grams ?? before.arms.find((arm) => arm.code === code)?.dose ?? 0;
      const solid = Object.entries(poured).filter(([code]) => dose(code) > 0);
      expect(each(find(lines, `solid ${name}`))).toEqual(
        Object.fromEntries(solid.map(([code, volume]) => [code, expect.closeTo((volume / 1000) * dose(code), 9) as number])),
      );
    }
    for (const { what, arms, each: many, per } of kit.things) {
      const line = find(lines, `thing ${what}`);
      if (many === null) expect(line).toMatchObject({ amount: null, arms: [] });
      else if (per === 'unit')
        expect(each(line)).toEqual(
          Object.fromEntries(those(arms).map((code) => [code, expect.closeTo(many * unitsOf(code), 9) as number])),
        );
      else if (per === 'group') expect(line.amount).toBe(many * those(arms).length);
      else expect(line.amount).toBe(many * (per === 'block' ? new Set(before.units.map(({ block }) => block)).size : 1));
    }
    const mixed = lines.filter(({ id }) => id === 'mix' || id.startsWith('addition '));
    const filled = new Map<string, number>();
    for (const { arm, amount } of mixed.flatMap(({ arms }) => arms)) filled.set(arm, (filled.get(arm) ?? 0) + amount);
    const [first] = before.arms;
    for (const [code, amount] of filled)
      expect(amount / unitsOf(code)).toBeCloseTo((filled.get(first?.code ?? '') ?? 0) / unitsOf(first?.code ?? ''), 6);
    for (const { amount, arms, id } of lines) {
      if (amount === null || arms.length === 0 || id.startsWith('shared')) continue;
      const needed = arms.reduce((sum, own) => sum + own.amount, 0);
      expect(amount).toBeGreaterThanOrEqual(needed - 1e-9);
      expect(amount).toBeLessThanOrEqual(needed * 1.1 + 1);
    }
  });

  it('takes what only a lost arm needed away', () => {
    if (before.arms.length < 3) return expect(removeArm(before, itemAt(before.arms, 1).code).arms).toHaveLength(1);
    const gone = lastOf(before.arms).code;
    const after = edit(ticked, (now) => removeArm(now, gone));
    expect(kitOf(after).flatMap(({ arms }) => arms.map(({ arm }) => arm))).not.toContain(gone);
    expect(after.plan.stages.flatMap(({ arms }) => arms)).not.toContain(gone);
    // A step of that arm alone has not become one of every arm.
    const alone = before.plan.stages.filter(({ arms }) => arms.length === 1 && arms[0] === gone).map(({ name }) => name);
    for (const name of alone) expect(after.plan.stages.filter((own) => own.name === name && own.arms.length === 0)).toEqual([]);
    expect(kitOf(addArm(after)).length).toBeGreaterThan(0);
  });
});
