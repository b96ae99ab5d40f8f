import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { beforeEach, describe, expect, it } from 'vitest';
import { addDays, blankOf, observationFields, type Observation, tupleOf, itemAt } from '@fern/core';
import { useLog } from '../stores/log';
import { useOutbox } from '../stores/outbox';
import { today } from '../stores/today';
import { eventually, fakeServer, mountLoaded, startedStudy } from '../testing';
import ReadingsTable from './ReadingsTable.vue';

const base = startedStudy([], {});
const start = addDays(today(), -12);
const experiment = { ...base.experiment, startedOn: start, plan: { ...base.experiment.plan, lockedOn: start } };
const [first, second] = tupleOf(experiment.units, 2);
const reading = (more: Partial<Observation>): Observation => ({
  ...blankOf(observationFields),
  id: 'r',
  unit: first.code,
  measure: 'sprouts',
  observedOn: addDays(start, 3),
  plannedDay: 3,
  value: 4,
  ...more,
});
let page: VueWrapper;
async function open(...observations: Observation[]): Promise<void> {
  fakeServer({ experiment, observations, incidents: [], care: [], photos: [] });
  page = await mountLoaded(ReadingsTable);
}
const gridCellAt = (row: number, column: number) => itemAt(itemAt(page.findAll('tbody tr'), row).findAll('td.cell'), column);
const field = () => page.find<HTMLInputElement>('.cell input');
const live = () => useLog().study?.observations ?? [];
async function type(text: string, key = 'Enter'): Promise<void> {
  await field().setValue(text);
  await field().trigger('keydown', { key });
  await flushPromises();
}

beforeEach(() => {
  page?.unmount();
  document.body.innerHTML = '';
});

describe('the notebook', () => {
  it('is typed in down a column and along a row, each reading on its own walk and day', async () => {
    await open();
    await gridCellAt(0, 0).trigger('click');
    for (const value of ['3', '5', '–']) await type(value);
    expect(live().map(({ unit, value, absent, plannedDay, observedOn }) => [unit, value, absent, plannedDay, observedOn])).toEqual(
      [3, 5, null].map((value, i) => [itemAt(experiment.units, i).code, value, value === null ? 'not-read' : null, 3, addDays(start, 3)]),
    );
    await gridCellAt(0, 1).trigger('click');
    await type('6', 'Tab');
    await type('7', 'Tab');
    expect(
      live()
        .slice(3)
        .map(({ unit, plannedDay }) => [unit, plannedDay]),
    ).toEqual([
      [first.code, 5],
      [first.code, 7],
    ]);
  });

  it('says where a total falls, and keeps it all the same so that typing goes on', async () => {
    await open(reading({}));
    await gridCellAt(0, 1).trigger('click');
    await eventually(() => expect(field().element.value).toBe(''));
    await type('2');
    expect(page.text()).toContain(`${first.code} went from 4`);
    expect(page.text()).toContain('It is kept so; a new number corrects it.');
    expect(live().at(-1)).toMatchObject({ unit: first.code, value: 2, plannedDay: 5 });
    await type('9');
    expect(page.text()).not.toContain('went from');
  });

  it('a cell mended is a correction on its own day, and what stood there is shown', async () => {
    await open(reading({ observedOn: addDays(start, 4), observer: 'Moss' }));
    await gridCellAt(0, 0).trigger('click');
    await eventually(() => expect(field().element.value).toBe('4'));
    await type('6');
    expect(live().at(-1)).toMatchObject({ replaces: 'r', value: 6, plannedDay: 3, observedOn: addDays(start, 4) });
    await gridCellAt(0, 0).trigger('click');
    await eventually(() => expect(page.find('.history').text()).toContain('before: 4 ('));
    expect(page.find('.history').text()).toContain('Moss');
    expect(gridCellAt(0, 0).text()).toContain('*');
    await page.find('[aria-label="Day on which this was read"]').setValue(addDays(start, 3));
    expect(live().at(-1)).toMatchObject({ value: 6, plannedDay: 3, observedOn: addDays(start, 3) });
  });

  it('a cell that somebody else fills meanwhile is not emptied by leaving it; what was typed there stays beside theirs', async () => {
    await open();
    await gridCellAt(0, 0).trigger('click');
    await flushPromises();
    useLog().receive([{ kind: 'reading', content: reading({ id: 'theirs', value: 9 }) }]);
    await flushPromises();
    expect([field().element.value, page.text()]).toEqual(['', expect.stringContaining('9. A number of yours is kept beside it')]);
    await field().trigger('keydown', { key: 'Enter' });
    await flushPromises();
    expect(live().map(({ id }) => id)).toEqual(['theirs']);
    await field().setValue('5');
    useLog().receive([{ kind: 'reading', content: reading({ id: 'second', unit: second.code, value: 6 }) }]);
    await flushPromises();
    await field().trigger('keydown', { key: 'Enter' });
    await flushPromises();
    expect(
      live()
        .slice(1)
        .map(({ unit, value, replaces }) => [unit, value, replaces]),
    ).toEqual([
      [second.code, 6, null],
      [second.code, 5, null],
    ]);
  });

  it('what cannot be is said, and the cell is not left', async () => {
    await open();
    await gridCellAt(0, 0).trigger('click');
    await type('2.5');
    expect(page.find('[role="alert"]').text()).toContain('whole number');
    expect(live()).toHaveLength(0);
    await field().trigger('keydown', { key: 'Escape' });
    await eventually(() => expect(field().element.value).toBe(''));
    expect(page.find('[role="alert"]').exists()).toBe(false);
  });

  it('a walk that has not come cannot be typed in', async () => {
    fakeServer({ ...startedStudy(), care: [], photos: [] });
    page = await mountLoaded(ReadingsTable);
    await gridCellAt(0, 3).trigger('click');
    await type('3');
    expect(page.find('[role="alert"]').text()).toContain('is still to come');
  });

  it('a block is pasted whole, or not at all', async () => {
    await open();
    await gridCellAt(0, 0).trigger('click');
    await eventually(() => expect(field().exists()).toBe(true));
    const paste = (text: string) => field().trigger('paste', { clipboardData: { getData: () => text } });
    await paste('3\t4\nmany\t5');
    expect(page.text()).toContain('Nothing was pasted.');
    expect(page.text()).toContain(`${second.code}, day 3: “many” is not a number`);
    expect(useOutbox().count + live().length).toBe(0);
    await paste('3\t4\n\t5');
    await eventually(() => expect(page.text()).toContain('3 readings were pasted.'));
    expect(live().map(({ unit, value, plannedDay }) => [unit, value, plannedDay])).toEqual([
      [first.code, 3, 3],
      [first.code, 4, 5],
      [second.code, 5, 5],
    ]);
  });

  it('shows only gaps or one group, in the order of a column; a row that is filled stays until one asks again', async () => {
    await open(reading({}), reading({ id: 's', unit: second.code, value: 9 }));
    const codes = () => page.findAll('tbody th').map((own) => own.text());
    const heads = page.findAll('thead button');
    await heads.find((own) => own.text() === 'day 3')?.trigger('click');
    expect(codes().slice(0, 2)).toEqual([second.code, first.code]);
    await page.find('[aria-label="Which group is shown"]').setValue('X');
    expect(codes()).toHaveLength(6);
  });

  it('something read on another day has a column of its own', async () => {
    await open();
    await page.find('[aria-label="Day of extra readings"]').setValue(addDays(start, 6));
    await page
      .findAll('button')
      .find((own) => own.text() === 'Add a column')
      ?.trigger('click');
    await eventually(() =>
      expect(
        page
          .findAll('thead th')
          .map((own) => own.text())
          .join(),
      ).toContain('extra,'),
    );
    await gridCellAt(0, 2).trigger('click');
    await type('8');
    expect(live()).toMatchObject([{ plannedDay: null, observedOn: addDays(start, 6), value: 8 }]);
  });
});
