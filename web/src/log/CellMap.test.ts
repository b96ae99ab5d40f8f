import type { VueWrapper } from '@vue/test-utils';
import { beforeEach, describe, expect, it } from 'vitest';
import { addDays, blankOf, observationFields, type Observation, type Study, itemAt } from '@fern/core';
import { useLog } from '../stores/log';
import { today } from '../stores/today';
import { eventually, fakeServer, type FakeServer, mountLoaded, startedStudy } from '../testing';
import RecordPage from './RecordPage.vue';

let server: FakeServer;
let page: VueWrapper;
const base = startedStudy();
const sprouts = itemAt(base.experiment.measures, 0);
/** A tray an arm, each of cells with one seed. */
const cells = (observations: readonly Observation[] = []): Study => ({
  ...base,
  observations,
  experiment: {
    ...base.experiment,
    measures: [sprouts],
    units: base.experiment.units.map((unit) => ({ ...unit, sown: 1, container: `tray ${unit.arm}` })),
  },
});
const units = base.experiment.units.map(({ code: unit }) => unit);
const posted = () => server.calls.filter(({ path }) => path.endsWith('/observations')).flatMap(({ body }) => body.observations);
const button = (words: string) => page.findAll('button').find((own) => own.text().startsWith(words));
const tap = (code: string) => page.find(`main [data-unit="${code}"]`).trigger('click');

async function openMap(observations: readonly Observation[] = []): Promise<void> {
  server = fakeServer(cells(observations));
  page = await mountLoaded(RecordPage, { props: { day: '3' } });
  await button('Tap the map')?.trigger('click');
}
beforeEach(() => {
  page?.unmount();
  document.body.innerHTML = '';
});

describe('the map of a tray', () => {
  it('takes all cells at once: those that were tapped came up, the others not yet', async () => {
    await openMap();
    for (const code of [0, 3, 5, 5].map((i) => itemAt(units, i))) await tap(code);
    expect(page.text()).toContain(`2 of ${units.length} tapped.`);
    await button(`Keep all ${units.length}`)?.trigger('click');
    await eventually(() => expect(posted()).toHaveLength(units.length));
    expect(posted().flatMap(({ unit, value }) => (value === 1 ? [unit] : []))).toEqual([units[0], units[3]]);
    expect(posted().every(({ plannedDay, observedOn, note }) => plannedDay === 3 && observedOn === today() && note === null)).toBe(true);
    await eventually(() => expect(page.text()).not.toContain('Tap the map'));
  });

  it('takes a total where that is how it was counted, and each reading says what is not known', async () => {
    await openMap();
    const arm = itemAt(base.experiment.arms, 1);
    const own = base.experiment.units.filter((unit) => unit.arm === arm.code).map(({ code: unit }) => unit);
    const total = page.find<HTMLInputElement>(`input[aria-label="Total of tray ${arm.code}, ${arm.name}"]`);
    await total.setValue('3');
    await total.trigger('blur');
    expect(page.text()).toContain('nobody knows which of them it was');
    await button('Keep all')?.trigger('click');
    await eventually(() => expect(posted()).toHaveLength(units.length));
    const told = posted().filter(({ note }) => note !== null);
    expect(told.map(({ unit }) => unit).sort()).toEqual([...own].sort());
    expect(told.reduce((sum, { value }) => sum + (value ?? 0), 0)).toBe(3);
    expect(itemAt(told, 0).note).toBe(`3 of ${own.length} in tray ${arm.code}, ${arm.name}, counted together: which ones is not known`);
  });

  it('keeps every tap while someone else reads, and corrects nothing of theirs', async () => {
    await openMap();
    await tap(itemAt(units, 0));
    const theirs = {
      ...blankOf(observationFields),
      measure: sprouts.code,
      category: sprouts.category,
      plannedDay: 3,
      observedOn: today(),
    };
    useLog().receive([{ kind: 'reading', content: { ...theirs, id: 'theirs', unit: itemAt(units, 2), value: 1 } }]);
    await page.vm.$nextTick();
    expect(page.text()).toContain(`1 of ${units.length} tapped.`);
    await tap(itemAt(units, 3));
    await button('Keep all')?.trigger('click');
    await eventually(() => expect(posted()).toHaveLength(units.length));
    expect(posted().flatMap(({ unit, value }) => (value === 1 ? [unit] : []))).toEqual([units[0], units[3]]);
    expect(posted().every(({ replaces }) => replaces === null)).toBe(true);
  });

  it('begins with what had come up before, and asks about what is not tapped any more', async () => {
    const before = {
      ...blankOf(observationFields),
      id: 'b',
      measure: sprouts.code,
      category: sprouts.category,
      plannedDay: 2,
      value: 1,
    };
    await openMap([{ ...before, unit: itemAt(units, 2), observedOn: addDays(today(), -1) }]);
    expect(page.text()).toContain(`1 of ${units.length} tapped.`);
    await tap(itemAt(units, 2));
    expect(page.text()).toContain(`so on the walk before: ${units[2]}`);
  });

  it('is not offered where more than one seed is in each', async () => {
    server = fakeServer(base);
    page = await mountLoaded(RecordPage, { props: { day: '3' } });
    expect(button('Tap the map')).toBeUndefined();
  });
});
