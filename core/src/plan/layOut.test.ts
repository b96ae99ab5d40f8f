import { itemAt, tupleOf } from '../invariant';
import { describe, expect, it } from 'vitest';
import { chiSquareUpper } from '../stats/chiSquareUpper';
import { anArm, anExperiment, aUnit } from '../testing';
import { layOut, type LayoutWish } from '../study/bench/layOut';
import { movedByHand } from './movedByHand';
import { placesInWords } from '../words/plan/placesInWords';
import type { Unit } from '../model';
import { renameBlock, setSownOf, setUnitsOf, shareContainers } from './edits/bench';
import { moveUnit } from './edits/moveUnit';
import { remedyFor } from './remedies';
import { nextArmCode, redesign, wishOf } from './redesign';
import { benchFor, roundOrder } from '../study/bench/shelves';

const wish = (more: Partial<LayoutWish> = {}): LayoutWish => ({
  arms: [anArm('C'), anArm('T')],
  unitsPerArm: 2,
  letter: 'D',
  sown: null,
  layout: 'completely-random',
  blocks: 1,
  columns: 12,
  light: 'lamp',
  ...more,
});
const deal = (more: Partial<LayoutWish>, seed: number) =>
  layOut(wish(more), seed)
    .units.map((unit) => unit.arm)
    .join('');

/** p of all layouts being equally likely, from the layouts of many seeds. */
function evenness(more: Partial<LayoutWish>, expected: number): number {
  const runs = 6000;
  const seen = new Map<string, number>();
  for (let seed = 0; seed < runs; seed++) seen.set(deal(more, seed), (seen.get(deal(more, seed)) ?? 0) + 1);
  expect(seen.size).toBe(expected);
  const each = runs / expected;
  return chiSquareUpper(
    [...seen.values()].reduce((sum, n) => sum + (n - each) ** 2 / each, 0),
    expected - 1,
  );
}

describe('the shuffle', () => {
  it.each<[string, Partial<LayoutWish>, number]>([
    ['2 against 2: 6 layouts', {}, 6],
    ['2 against 2 in two blocks: 2 × 2 layouts', { layout: 'blocks', blocks: 2 }, 4],
    ['three pairs: 2 × 2 × 2 layouts', { layout: 'pairs', unitsPerArm: 3 }, 8],
    ['three arms of 1: 6 layouts', { arms: [anArm('C'), anArm('T'), anArm('U')], unitsPerArm: 1 }, 6],
  ])('makes every allowed layout equally likely: %s', (_, more, layouts) => {
    expect(evenness(more, layouts)).toBeGreaterThan(0.001);
  });

  it('gives the same layout for the same seed', () => {
    expect(layOut(wish({ unitsPerArm: 9 }), 4817)).toEqual(layOut(wish({ unitsPerArm: 9 }), 4817));
  });

  it('keeps blocks: every block has its share of each arm', () => {
    const { units, bench } = layOut(wish({ layout: 'blocks', blocks: 3, unitsPerArm: 7 }), 11);
    const counts = [...new Set(units.map((unit) => unit.block))].map((block) =>
      ['C', 'T'].map((arm) => units.filter((unit) => unit.block === block && unit.arm === arm).length),
    );
    expect(counts).toEqual([
      [3, 3],
      [2, 2],
      [2, 2],
    ]);
    expect(bench.map((shelf) => shelf.name)).toEqual(['Shelf A', 'Shelf B', 'Shelf C']);
  });

  it('codes follow the places, so that they tell nothing of the arm', () => {
    const { units } = layOut(wish({ unitsPerArm: 60, columns: 10 }), 2);
    expect(itemAt(units, 0).code).toBe('D001');
    expect(roundOrder(units).map((unit) => unit.code)).toEqual(units.map((unit) => unit.code));
    expect(units[119]).toMatchObject({ row: 12, column: 10 });
  });

  it.each([0, 1.5, 201])('refuses %d units an arm', (unitsPerArm) => {
    expect(() => layOut(wish({ unitsPerArm }), 1)).toThrow(RangeError);
  });
});

describe('arms of unequal size', () => {
  const bed = redesign(anExperiment({ arms: [anArm('C'), anArm('T')] }), { unitsOf: { C: 4, T: 10 }, seed: 9 });
  const counts = (plan: typeof bed) => plan.arms.map(({ code: arm }) => plan.units.filter((unit) => unit.arm === arm).length);

  it('stay unequal through a shuffle, blocks, a new arm and another width', () => {
    expect(counts(bed)).toEqual([4, 10]);
    expect(counts(redesign(bed, { seed: 77 }))).toEqual([4, 10]);
    expect(counts(redesign(bed, { layout: 'blocks', blocks: 2 }))).toEqual([4, 10]);
    expect(counts(redesign(bed, { columns: 5 }))).toEqual([4, 10]);
    expect(counts(redesign(bed, { arms: [...bed.arms, anArm('A')] }))).toEqual([4, 10, 10]);
    expect(counts(redesign(bed, { unitsPerArm: 6 }))).toEqual([6, 6]);
    expect(counts(setUnitsOf(bed, 'C', 7))).toEqual([7, 10]);
  });

  it('share their blocks out as evenly as can be, and in pairs the last stay alone', () => {
    const inBlocks = redesign(bed, { layout: 'blocks', blocks: 3 });
    const shares = ['A', 'B', 'C'].map((block) =>
      ['C', 'T'].map((arm) => inBlocks.units.filter((unit) => unit.block === block && unit.arm === arm).length),
    );
    expect(shares).toEqual([
      [2, 4],
      [1, 3],
      [1, 3],
    ]);
    expect(redesign(bed, { layout: 'pairs' }).units.filter(({ block }) => block === 'pair 5')).toHaveLength(1);
  });

  it('grow one by one after the start, and nothing that stands is dealt again', () => {
    const started = { ...bed, plan: { ...bed.plan, lockedOn: '2026-04-01' } };
    const grown = setUnitsOf(started, 'C', 6, '2026-04-09');
    expect(counts(grown)).toEqual([6, 10]);
    expect(grown.units.slice(0, 14)).toEqual(bed.units);
  });

  it('keep numbers sown one by one, and the names of their blocks, when they are dealt anew', () => {
    const bags = setSownOf(redesign(bed, { layout: 'blocks', blocks: 2, sown: 25 }), 'P03', 23);
    const weeks = renameBlock(renameBlock(bags, 'A', 'runner beans'), 'B', 'broad beans');
    const again = redesign(weeks, { seed: 12 });
    expect(again.units.map(({ sown }) => sown)).toEqual(bags.units.map(({ sown }) => sown));
    expect(new Set(again.units.map(({ block }) => block))).toEqual(new Set(['runner beans', 'broad beans']));
    expect(again.plan.bench.map(({ name }) => name)).toEqual(['runner beans', 'broad beans']);
    expect(renameBlock(weeks, 'broad beans', ' runner beans ')).toBe(weeks);
  });
});

describe('a plan that changes', () => {
  const experiment = redesign(anExperiment({ arms: [anArm('C'), anArm('T')] }), { unitsPerArm: 6, sown: 25, seed: 9 });

  it('keeps what it says when an arm or units are added', () => {
    const more = redesign(experiment, { arms: [...experiment.arms, anArm('A')] });
    expect(more.units).toHaveLength(18);
    expect(more.units.every((unit) => unit.sown === 25)).toBe(true);
    expect(wishOf(more)).toMatchObject({ unitsPerArm: 6, sown: 25 });
    expect(redesign(more, {})).toEqual(more);
  });

  it('keeps what units share, their seed, shelf names, light and barriers, whatever is laid out anew', () => {
    const inTanks = shareContainers(experiment, { how: 'arm', what: 'tank', each: 1 });
    const shared = {
      ...inTanks,
      plan: {
        ...inTanks.plan,
        barriers: [{ row: 1, column: 2 }],
        bench: experiment.plan.bench.map((shelf) => ({ ...shelf, name: 'Warm shelf', light: 'lamp' as const })),
      },
    };
    const lot = { ...shared, units: shared.units.map((unit) => ({ ...unit, lot: 'bag 2' })) };
    for (const change of [{ unitsPerArm: 9 }, { seed: 77 }, { arms: [...experiment.arms, anArm('A')] }, { unitsPerArm: 30 }]) {
      const after = redesign(lot, change);
      expect(after.units.every(({ arm, container, lot: own }) => container === `tank ${arm}` && own === 'bag 2')).toBe(true);
      expect(after.plan.bench[0]).toMatchObject({ name: 'Warm shelf', light: 'lamp' });
      expect(after.plan.barriers).toEqual(lot.plan.barriers);
    }
  });

  it('keeps what units shared in a way of their own, by their codes', () => {
    const own = { ...experiment, units: experiment.units.map((unit, i) => ({ ...unit, container: i < 3 ? 'rail' : null })) };
    const after = redesign(own, { seed: 77 });
    expect(after.units.filter(({ container }) => container === 'rail').map(({ code: unit }) => unit)).toEqual(
      own.units.slice(0, 3).map(({ code: unit }) => unit),
    );
  });

  it('swaps two units by hand, and moves one to an empty place', () => {
    const [first, second] = tupleOf(experiment.units, 2);
    const swapped = moveUnit(experiment.units, first.code, second.row ?? 0, second.column ?? 0);
    expect(swapped[0]).toMatchObject({ row: second.row, column: second.column });
    expect(swapped[1]).toMatchObject({ row: first.row, column: first.column });
    expect(moveUnit(experiment.units, first.code, 9, 9)[0]).toMatchObject({ row: 9, column: 9 });
    expect(moveUnit(experiment.units, 'nobody', 9, 9)).toBe(experiment.units);
  });

  it('says what was moved by hand since the shuffle, and that the seed makes the same layout where nothing was', () => {
    expect(movedByHand(experiment)).toEqual([]);
    expect(placesInWords(experiment)).toBe('The places were shuffled. Shuffle number 9 makes the same layout again.');
    const [first, second] = tupleOf(experiment.units, 2);
    const moved = { ...experiment, units: moveUnit(experiment.units, first.code, second.row ?? 0, second.column ?? 0) };
    expect(movedByHand(moved)).toEqual([first.code, second.code]);
    expect(placesInWords(moved)).toBe(
      `The places were shuffled (shuffle number 9), then 2 of 12 were moved by hand: ${first.code}, ${second.code}.`,
    );
    expect(movedByHand({ ...experiment, plan: { ...experiment.plan, randomisationSeed: null } })).toBeNull();
  });

  it('names new arms by letters that are free, and draws a bench for units that came without one', () => {
    expect(nextArmCode([anArm('C'), anArm('A')])).toBe('B');
    expect(benchFor([], [aUnit('u', 'C', { row: 2, column: 5 })])).toEqual([
      { name: 'Bench', kind: 'shelf', rows: 2, columns: 5, light: 'none' },
    ]);
  });
});

describe('a plan that has started', () => {
  const draft = redesign(anExperiment({ arms: [anArm('C'), anArm('T')] }), { unitsPerArm: 3, sown: 25, seed: 9 });
  const started = { ...draft, plan: { ...draft.plan, lockedOn: '2026-04-01' } };
  const places = (units: readonly Unit[]) => units.map(({ code: unit, arm, block, row, column }) => [unit, arm, block, row, column]);

  it('is never dealt again: three units an arm become four, and the six keep their arm, block and place', () => {
    const { units, plan } = redesign(started, { unitsPerArm: 4, on: '2026-04-09' });
    expect(places(units.slice(0, 6))).toEqual(places(started.units));
    const added = units.slice(6);
    expect(added.map(({ arm }) => arm).sort()).toEqual(['C', 'T']);
    expect(added.every(({ sown, startedOn }) => sown === 25 && startedOn === '2026-04-09')).toBe(true);
    expect(new Set(units.map(({ code: unit }) => unit)).size).toBe(8);
    expect(new Set(units.map(({ row, column }) => `${row} ${column}`)).size).toBe(8);
    expect(plan.bench.reduce((rows, shelf) => rows + shelf.rows, 0)).toBe(Math.max(...units.map(({ row }) => row ?? 0)));
  });

  it.each([{ seed: 77 }, { layout: 'blocks' as const }, { columns: 2 }, {}])('%j changes nothing', (change) => {
    expect(redesign(started, change).units).toEqual(started.units);
  });

  it('gives a new arm units of its own behind the others, and gives up the last of an arm', () => {
    const more = redesign(started, { arms: [...started.arms, anArm('A')] });
    expect(places(more.units.slice(0, 6))).toEqual(places(started.units));
    expect(more.units.slice(6).map(({ arm }) => arm)).toEqual(['A', 'A', 'A']);
    const fewer = redesign(started, { unitsPerArm: 2 });
    expect(fewer.units).toHaveLength(4);
    expect(started.units.filter((unit) => fewer.units.some((own) => own.code === unit.code))).toEqual(fewer.units);
  });

  it('goes on with its pairs and its blocks', () => {
    const pairs = redesign(draft, { layout: 'pairs' });
    const grown = redesign({ ...pairs, plan: started.plan }, { unitsPerArm: 5 });
    expect(grown.units.slice(6).map(({ block, arm }) => `${block} ${arm}`)).toEqual(['pair 4 C', 'pair 5 C', 'pair 4 T', 'pair 5 T']);
    const blocks = redesign(draft, { layout: 'blocks', blocks: 2, unitsPerArm: 4 });
    const more = redesign({ ...blocks, plan: started.plan }, { unitsPerArm: 6 });
    for (const arm of ['C', 'T'])
      expect(
        more.units
          .filter((unit) => unit.arm === arm)
          .map(({ block }) => block)
          .sort(),
      ).toEqual(['A', 'A', 'A', 'B', 'B', 'B']);
  });

  it('is offered no remedy that deals the arms again', () => {
    for (const rule of ['position', 'identity', 'unequal'] as const) expect(remedyFor({ rule }, started)).toBeNull();
    expect(remedyFor({ rule: 'position' }, draft)).not.toBeNull();
  });
});
