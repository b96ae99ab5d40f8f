import { flushPromises } from '@vue/test-utils';
import { afterEach, describe, expect, it } from 'vitest';
import { brokenThings } from '@fern/core/broken.fixture';
import { useLog } from '../stores/log';
import { eventually, fakeServer, mountLoaded } from '../testing';
import { choose, field, leave, page, press, posted, recordThrough } from './record.fixture';
import ReadingsTable from './ReadingsTable.vue';

/** Two ways in to the same rules: the round, and the table. What neither can say is left to the other doors. */
const readings = brokenThings.flatMap((own) => ('reading' in own.thing ? [{ ...own, seen: own.thing.reading }] : []));
type BrokenReading = (typeof readings)[number];

/** Of a dish and a measurement that are there, and with a value: all else cannot be typed. */
const canBeTyped = ({ seen }: BrokenReading) =>
  seen.unit === 'D1' &&
  !['double', 'taste'].includes(seen.measure) &&
  seen.value !== null &&
  seen.absent === null &&
  seen.replaces === null &&
  seen.category !== 'lost';

afterEach(leave);

async function openTable({ study, seen }: BrokenReading) {
  fakeServer(study);
  const table = await mountLoaded(ReadingsTable);
  let column = seen.plannedDay === 4 ? 0 : 1;
  if (seen.plannedDay === null) {
    await table.find('[aria-label="Day of extra readings"]').setValue(seen.observedOn);
    const add = table.findAll('button').find((button) => button.text() === 'Add a column');
    if (add?.attributes('disabled') !== undefined) return { table, cell: null };
    await add?.trigger('click');
    column = seen.observedOn < '2026-04-01' ? 0 : 2;
  }
  await table.findAll('tbody tr')[0]?.findAll('td.cell')[column]?.trigger('click');
  await eventually(() => expect(table.find('.cell input').exists()).toBe(true));
  return { table, cell: table.find<HTMLInputElement>('.cell input') };
}
const live = () => useLog().study?.observations ?? [];

describe.each(readings.filter(canBeTyped))('$name, in the table', (own: BrokenReading) => {
  it(`is ${own.answer}`, async () => {
    const { table, cell } = await openTable(own);
    const before = live().length;
    await cell?.setValue(String(own.seen.value));
    await cell?.trigger('keydown', { key: 'Enter' });
    await flushPromises();
    expect(table.text()).toContain(own.words);
    expect(live().length - before).toBe(own.answer === 'refused' ? 0 : 1);
    table.unmount();
  });
});

/** What has choices is chosen, so that it cannot be off them; a count by category has tests of its own; a day is asked for once a round. */
const canBeWalked = (own: BrokenReading) =>
  canBeTyped(own) && own.seen.plannedDay !== null && !['vigour', 'told'].includes(own.seen.measure) && own.seen.value !== 0.5;

async function typeOn({ study, seen }: BrokenReading): Promise<void> {
  await recordThrough(study, String(seen.plannedDay));
  const planned = page.findAll('button').find((button) => button.text().endsWith('as planned'));
  await planned?.trigger('click');
  await page.vm.$nextTick();
  if (seen.measure === 'bud') return void (await choose(seen.value ?? 0).trigger('click'));
  await field().setValue(String(seen.value));
  await press('Enter');
}

describe.each(readings.filter(canBeWalked))('$name, on a round', (own: BrokenReading) => {
  it(`is ${own.answer}, and kept only once somebody says so`, async () => {
    await typeOn(own);
    await flushPromises();
    expect(page.text()).toContain(own.words);
    expect(posted()).toEqual([]);
    const sure = page.findAll('button').find((button) => button.text().startsWith('It is right'));
    expect(sure !== undefined).toBe(own.answer === 'asked');
    await sure?.trigger('click');
    await eventually(() => expect(posted().length > 0).toBe(own.answer === 'asked'));
  });
});

it('the two doors are asked most of what can be typed', () => {
  expect(readings.filter(canBeTyped).length).toBeGreaterThanOrEqual(15);
  expect(readings.filter(canBeWalked).length).toBeGreaterThanOrEqual(8);
  expect(readings.map(({ name }) => name)).toContain('more than were sown');
});
