import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { blankOf, unitFields, type Shelf, type Unit, tupleOf, itemAt } from '@fern/core';
import { startedStudy } from '../testing';
import { barrierGaps, benchGeometry, containerRuns } from './benchGeometry';
import BenchView from './BenchView.vue';

const unit = (code: string, row: number, column: number, more: Partial<Unit> = {}): Unit => ({
  ...blankOf(unitFields),
  code: code,
  arm: 'C',
  row,
  column,
  ...more,
});
const shelf = (name: string, rows: number, columns: number): Shelf => ({ name, rows, columns, kind: 'shelf', light: 'lamp' });
const two = [unit('P1', 1, 1), unit('P2', 1, 2), unit('P3', 2, 1), unit('P4', 3, 2)];

describe('the geometry of a bench', () => {
  const geometry = benchGeometry([shelf('upper', 2, 4), shelf('lower', 1, 4)], two);

  it('a place’s middle lies in that place, on every shelf', () => {
    for (const [row, column] of [
      [1, 1],
      [2, 4],
      [3, 2],
    ] as const)
      expect(geometry.placeAt(geometry.centre(row, column))).toEqual({ row, column });
  });

  it('rows are counted on from shelf to shelf, and shelves do not overlap', () => {
    const [upper, lower] = tupleOf(geometry.boards, 2);
    expect([upper.first, upper.last, lower.first, lower.last]).toEqual([1, 2, 3, 3]);
    expect(lower.y).toBeGreaterThan(upper.y + upper.height);
    expect(geometry.height).toBe(lower.y + lower.height);
  });

  it('beside the shelves there is no place', () => {
    expect(geometry.placeAt({ x: -50, y: 40 })).toBeNull();
    expect(geometry.placeAt({ x: 400, y: geometry.height + 500 })).toBeNull();
  });

  it('a bench of 40 places side by side still fits its width', () => {
    const wide = benchGeometry([shelf('wide', 1, 40)], []);
    expect(wide.centre(1, 40).x).toBeLessThan(wide.width);
    expect(wide.tile).toBeLessThan(geometry.tile);
  });

  it('units that came without a bench get one that is large enough', () => {
    expect(benchGeometry([], two)).toMatchObject({ columns: 2, rows: 3 });
  });

  it('what is shared is one outline along a row, and another after a gap', () => {
    const shared = [1, 2, 4].map((column) => unit(`P${column}`, 1, column, { container: 'tray 1' }));
    expect(containerRuns(shared, geometry).map(({ width }) => width / geometry.tile)).toEqual([2, 1]);
  });

  it('rows stand apart where what is shared has its name above it', () => {
    const shared = two.map((own) => ({ ...own, container: 'tray' }));
    const apart = benchGeometry([shelf('upper', 2, 4), shelf('lower', 1, 4)], shared);
    expect(apart.centre(2, 1).y - apart.centre(1, 1).y).toBeGreaterThan(geometry.centre(2, 1).y - geometry.centre(1, 1).y + 12);
    expect(apart.placeAt(apart.centre(2, 3))).toEqual({ row: 2, column: 3 });
  });

  it('gaps are where two stand side by side; barriers alone where nothing can be moved', () => {
    expect(barrierGaps(two, [], geometry, true).map(({ unit: left, right }) => [left.code, right.code])).toEqual([['P1', 'P2']]);
    expect(barrierGaps(two, [], geometry, false)).toEqual([]);
    expect(itemAt(barrierGaps(two, [{ row: 1, column: 1 }], geometry, false), 0).stands).toBe(true);
  });
});

describe('the bench by keyboard', () => {
  const { experiment } = startedStudy();
  const bench = (more: object) =>
    mount(BenchView, {
      attachTo: document.body,
      props: { units: experiment.units, arms: experiment.arms, shelves: experiment.plan.bench, unitNoun: 'dish', ...more },
    });
  const at = (wrapper: ReturnType<typeof bench>, code: string) => wrapper.find<SVGGElement>(`[data-unit="${code}"]`);

  it('arrows go from unit to unit', async () => {
    const wrapper = bench({ movable: true });
    at(wrapper, 'D01').element.focus();
    await at(wrapper, 'D01').trigger('keydown', { key: 'ArrowRight' });
    expect(document.activeElement?.getAttribute('data-unit')).toBe('D02');
    expect(wrapper.emitted('move')).toBeUndefined();
  });

  it('Enter takes one up and says so; arrows then move it, Escape lets go', async () => {
    const wrapper = bench({ movable: true });
    await at(wrapper, 'D01').trigger('keydown', { key: 'Enter' });
    expect(wrapper.find('[role="status"]').text()).toContain('D01 is taken up and stands at row 1, place 1');
    await at(wrapper, 'D01').trigger('keydown', { key: 'ArrowRight' });
    expect(wrapper.emitted('move')).toEqual([['D01', 1, 2]]);
    await at(wrapper, 'D01').trigger('keydown', { key: 'Escape' });
    expect(wrapper.find('[role="status"]').text()).toBe('');
  });

  it('nothing moves off the bench', async () => {
    const wrapper = bench({ movable: true });
    await at(wrapper, 'D01').trigger('keydown', { key: 'Enter' });
    await at(wrapper, 'D01').trigger('keydown', { key: 'ArrowLeft' });
    await at(wrapper, 'D01').trigger('keydown', { key: 'ArrowUp' });
    expect(wrapper.emitted('move')).toBeUndefined();
  });

  it('where units are picked Enter picks, and a blind bench names no group', async () => {
    const wrapper = bench({ pickable: true, blind: true });
    await at(wrapper, 'D03').trigger('keydown', { key: 'Enter' });
    expect(wrapper.emitted('pick')).toEqual([['D03']]);
    expect(at(wrapper, 'D03').attributes('aria-label')).toBe('D03, row 1, place 3');
  });

  it('a barrier is put between two by a click, and only where units may be moved', async () => {
    const wrapper = bench({ movable: true });
    await wrapper.find('.gap').trigger('click');
    expect(wrapper.emitted('barrier')).toEqual([[1, 1]]);
    expect(bench({}).find('.gap').exists()).toBe(false);
  });

  it('as a table it has one cell a unit, with what stands there and how', async () => {
    const cells = async (more: object) => {
      const wrapper = bench(more);
      await wrapper
        .findAll('button')
        .find((button) => button.text() === 'Show as a table')
        ?.trigger('click');
      return wrapper.findAll('tbody td').map((cell) => cell.text());
    };
    const units = experiment.units.map((own, i) => (i === 1 ? { ...own, status: 'lost' as const } : own));
    const open = await cells({ units, done: new Set(['D01']), current: 'D03' });
    const nameOf = (code: string) =>
      experiment.arms.find(({ code: arm }) => arm === units.find(({ code: own }) => own === code)?.arm)?.name;
    expect(open[1]).toBe(`D01, ${nameOf('D01')}, read`);
    expect(open[2]).toBe(`D02, ${nameOf('D02')}, lost`);
    expect(open[3]).toBe(`D03, ${nameOf('D03')}, here now`);
    for (const { code: code } of units) expect(open.filter((text) => text.startsWith(`${code},`))).toHaveLength(1);
    expect((await cells({ units, blind: true }))[1]).toBe('D01');
    expect((await cells({ units, heat: new Map([['D01', -0.4]]) }))[1]).toMatch(/, below its group$/);
  });

  it('without places it says what to do', () => {
    const wrapper = bench({ units: experiment.units.map((own) => ({ ...own, row: null, column: null })) });
    expect(wrapper.text()).toContain('No dish has a place yet');
  });
});
