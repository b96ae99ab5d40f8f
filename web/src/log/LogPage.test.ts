import type { VueWrapper } from '@vue/test-utils';
import { beforeEach, describe, expect, it } from 'vitest';
import {
  addDays,
  blankOf,
  careFields,
  incidentFields,
  observationFields,
  shortDate,
  stageFields,
  type Care,
  type Incident,
  type Observation,
  type Study,
  itemAt,
} from '@fern/core';
import { today } from '../stores/today';
import { useLog } from '../stores/log';
import { useOutbox } from '../stores/outbox';
import { eventually, fakeServer, type FakeServer, mountLoaded, startedStudy } from '../testing';
import LogPage from './LogPage.vue';

let server: FakeServer;
let page: VueWrapper;
let n = 0;
const read = (unit: string, value: number, more: Partial<Observation> = {}): Observation => ({
  ...blankOf(observationFields),
  id: `id-${++n}`,
  unit,
  measure: 'sprouts',
  observedOn: today(),
  value,
  ...more,
});

async function log(study: Study): Promise<void> {
  server = fakeServer(study);
  page = await mountLoaded(LogPage);
  await eventually(() => expect(page.text()).toMatch(/The notebook|The log begins/));
}
const table = () => page.findAll('table tr').map((row) => row.findAll('th, td').map((cell) => cell.text()));
/** The one that was opened last. */
const dialog = () => [...document.querySelectorAll('.ant-modal-content')].at(-1);
const button = (words: string) =>
  [...document.querySelectorAll('button')].find((own) => own.textContent?.replace(/\s+/g, ' ').trim() === words);

const within = <E extends Element>(selector: string): E => {
  const found = dialog()?.querySelector<E>(selector);
  if (!found) throw new Error(`there is no ${selector}`);
  return found;
};
async function setField(selector: string, value: string, event = 'input'): Promise<void> {
  const field = within<HTMLInputElement>(selector);
  field.value = value;
  field.dispatchEvent(new Event(event));
  await page.vm.$nextTick();
}
const setDay = (label: string, day: string) => setField(`input[aria-label="${label}"]`, day);

const pick = async (unit: string) => {
  await page.find(`[data-unit="${unit}"]`).trigger('click');
  await eventually(() => expect(document.body.textContent).toContain(`What about ${unit}?`));
  [...document.querySelectorAll('button')].find((own) => /It is lost|Its loss/.test(own.textContent ?? ''))?.click();
  await eventually(() => expect(dialog()?.textContent).toContain(`What happened to ${unit}?`));
};

beforeEach(() => {
  page?.unmount();
  document.body.innerHTML = '';
});

describe('the log', () => {
  it('begins with the start: a draft leads to its plan', async () => {
    const study = startedStudy();
    await log({ ...study, experiment: { ...study.experiment, plan: { ...study.experiment.plan, lockedOn: null } } });
    expect(page.find('h1').text()).toBe('The log begins with the start');
    expect(page.text()).not.toContain('The notebook');
  });

  it('says what is due, and shows a row a unit to type in', async () => {
    await log(startedStudy());
    expect(page.find('h1').text()).toBe('12 dishes wait to be read today');
    expect(table()).toHaveLength(13);
    expect(page.text()).toContain('Nothing so far.');
  });

  it('shows what was read by unit and day: each walk, and what was extra', async () => {
    const extra = read('D01', 4, { observedOn: addDays(today(), -1), plannedDay: null });
    await log(startedStudy([extra, read('D01', 12, { plannedDay: 3 }), read('D02', 11, { plannedDay: 3 })]));
    const [head = [], ...rows] = table();
    expect(head.slice(2)).toEqual([`extra, ${shortDate(addDays(today(), -1))}`, 'day 3', 'day 5', 'day 7', 'day 10']);
    expect(rows.find(([unit]) => unit === 'D02')?.slice(2, 4)).toEqual(['', '11']);
    expect(rows).toHaveLength(12);
  });

  it('a correction stands in the place of the old value, and is marked', async () => {
    const wrong = read('D02', 21, { plannedDay: 3 });
    await log(startedStudy([wrong, read('D02', 12, { plannedDay: 3, replaces: wrong.id })]));
    expect(table().find(([unit]) => unit === 'D02')?.[2]).toBe('12*');
  });

  it('hides the groups where the experiment is blind', async () => {
    await log(startedStudy([], { blinded: true }));
    expect(itemAt(table(), 0).slice(0, 2)).toEqual(['dish', 'day 3']);
    await log(startedStudy());
    expect(itemAt(table(), 0).slice(0, 3)).toEqual(['dish', 'group', 'day 3']);
  });

  it('with many days shows the newest that have come, and lets others be chosen', async () => {
    const base = startedStudy([], { startedOn: addDays(today(), -64) });
    const measures = base.experiment.measures.map((own) => ({ ...own, readingDays: Array.from({ length: 100 }, (_, day) => day) }));
    await log({ ...base, experiment: { ...base.experiment, measures } });
    expect(itemAt(table(), 0).slice(2, 4)).toEqual(['day 60', 'day 61']);
    await page.find('select[aria-label="Which days are shown"]').setValue('0');
    expect(itemAt(table(), 0).slice(2, 5)).toEqual(['day 0', 'day 1', 'day 2']);
    expect(table()[0]).toHaveLength(32);
  });
});

describe('a unit that is chosen on the bench', () => {
  it('can be marked as lost, with what happened and on which day', async () => {
    const study = startedStudy();
    await log(study);
    server.answer = () => ({
      status: 200,
      body: {
        id: 'x',
        version: 2,
        experiment: {
          ...study.experiment,
          units: study.experiment.units.map((unit) => (unit.code === 'D03' ? { ...unit, status: 'lost' as const } : unit)),
        },
      },
    });
    await pick('D03');
    const field = document.querySelector<HTMLInputElement>('.ant-modal-content input');
    if (!field) throw new Error('there is no field');
    field.value = '  it fell ';
    field.dispatchEvent(new Event('input'));
    await setDay('The day on which it happened', addDays(today(), -2));
    button('Mark D03 as lost')?.click();
    await eventually(() => expect(server.calls.at(-1)).toMatchObject({ method: 'PATCH', path: '/experiments/x/units/D03' }));
    expect(server.calls.at(-1)?.body).toEqual({ status: 'lost', statusReason: 'it fell', lostOn: addDays(today(), -2) });
    await eventually(() => expect(page.find('h1').text()).toBe('11 dishes wait to be read today'));
  });

  it('is marked at once without a network, and waits to be sent', async () => {
    await log(startedStudy());
    server.answer = () => 'offline';
    await pick('D03');
    button('Exclude D03')?.click();
    await eventually(() => expect(page.find('h1').text()).toBe('11 dishes wait to be read today'));
    await eventually(() => expect(useOutbox().offline).toBe(true));
    expect(useOutbox().waiting).toMatchObject([{ kind: 'unit', content: { unit: 'D03', status: 'excluded' } }]);
  });
});

describe('a loss', () => {
  it('says at once when one group loses more than the others', async () => {
    const study = startedStudy();
    const arm = itemAt(study.experiment.arms, 0);
    const own = study.experiment.units.filter((unit) => unit.arm === arm.code);
    const units = study.experiment.units.map((unit) => (unit.code === itemAt(own, 0).code ? { ...unit, status: 'lost' as const } : unit));
    await log({ ...study, experiment: { ...study.experiment, units } });
    await pick(itemAt(own, 1).code);
    await eventually(() =>
      expect(dialog()?.textContent).toContain(`Effect on the result: The groups lost different numbers: ${arm.name} (2 of ${own.length})`),
    );
  });

  it('is asked for from Today: which one, then what and when', async () => {
    server = fakeServer(startedStudy());
    page = await mountLoaded(LogPage, {}, '/log/x?write=lost');
    await eventually(() => expect(dialog()?.textContent).toContain('What was lost?'));
    const mark = () => [...document.querySelectorAll('button')].find((own) => own.textContent?.trim().startsWith('Mark'));
    mark()?.click();
    await eventually(() => expect(dialog()?.textContent).toContain('Choose which dish.'));
    await setField('select[aria-label="Which dish"]', 'D03', 'change');
    mark()?.click();
    await eventually(() => expect(useOutbox().waiting).toMatchObject([{ content: { unit: 'D03', status: 'lost', lostOn: today() } }]));
  });
});

describe('what was read twice', () => {
  it('is shown with who read what, and settled by saying which is right; both stay', async () => {
    const [a, b] = [read('D03', 12, { observer: 'Bracken' }), read('D03', 14, { observer: 'Maidenhair' })];
    await log(startedStudy([a, b]));
    const part = () => page.find('[aria-label="Read twice"]');
    expect(part().text()).toContain('D03 · Normal sprouts');
    await itemAt(part().findAll('button'), 0).trigger('click');
    await eventually(() => expect(part().exists()).toBe(false));
    await eventually(() => expect(server.calls.some(({ path }) => path.endsWith('/observations'))).toBe(true));
    const sent = server.calls.find(({ path }) => path.endsWith('/observations'))?.body.observations;
    expect(sent).toMatchObject([{ value: 12, replaces: b.id, note: 'read twice; 14 was not right' }]);
  });
});

describe('what went wrong', () => {
  const written = () => server.calls.filter(({ path, method }) => method === 'POST' && path.endsWith('/incidents')).map(({ body }) => body);
  const cold: Incident = {
    ...blankOf(incidentFields),
    id: 'cold',
    on: addDays(today(), -2),
    kind: 'other',
    units: ['D03'],
    note: 'It was cold.',
  };
  const open = async (words: string) => {
    [...page.findAll('button')].find((own) => own.text() === words)?.element.click();
    await eventually(() => expect(dialog()).not.toBeNull());
  };

  it('is written for its own day and for those that are picked, and its effect is told at once', async () => {
    await log(startedStudy());
    await open('Write down what went wrong');
    await setField('select[aria-label="What kind of thing"]', 'equipment', 'change');
    await setDay('The day on which it happened', addDays(today(), -1));
    await setField('input[aria-label="What went wrong, in a few words"]', 'The lamp was off');
    await setField('select[aria-label="What it touched"]', 'units', 'change');
    for (const unit of ['D03', 'D05', 'D07']) {
      within<SVGElement>(`[data-unit="${unit}"]`).dispatchEvent(new MouseEvent('click', { bubbles: true }));
      await page.vm.$nextTick();
    }
    expect(dialog()?.textContent).toMatch(/Effect on the result: .*The lamp was off.*only D03, D05 and D07/);
    button('Write it down')?.click();
    await eventually(() => expect(written()).toHaveLength(1));
    expect(written()[0]).toMatchObject({
      kind: 'equipment',
      on: addDays(today(), -1),
      units: ['D03', 'D05', 'D07'],
      arms: [],
      note: 'The lamp was off',
      replaces: null,
    });
    expect(page.text()).toContain('The lamp was off (D03, D05, D07)');
    expect(useOutbox().unkept).toBe(0);
    expect(() => structuredClone(useLog().study?.incidents)).not.toThrow();
  });

  it('touches one unit only where that is said, not its group', async () => {
    await log({ ...startedStudy(), incidents: [cold] });
    await open('Mend');
    expect(dialog()?.textContent).toMatch(/It affected only D03/);
  });

  it('read blind its effect is not told, since that would tell the group', async () => {
    await log({ ...startedStudy([], { blinded: true }), incidents: [cold] });
    await open('Mend');
    expect(dialog()?.textContent).toContain('told once the blinding is lifted');
    for (const { name } of startedStudy().experiment.arms) expect(dialog()?.textContent).not.toContain(name);
  });

  it('can be mended; the old words are kept', async () => {
    await log({ ...startedStudy(), incidents: [cold] });
    await open('Mend');
    await setField('input[aria-label="What went wrong, in a few words"]', 'It was cold in the night.');
    button('Mend it')?.click();
    await eventually(() => expect(written()[0]).toMatchObject({ note: 'It was cold in the night.', replaces: 'cold', on: cold.on }));
    expect(page.text()).toContain('It was cold in the night. (D03)');
    expect(page.find('.old').text()).toContain('It was cold.');
  });

  it('can be withdrawn, and is told no more', async () => {
    await log({ ...startedStudy(), incidents: [cold] });
    await open('Mend');
    button('It did not happen: withdraw it')?.click();
    await eventually(() => expect(written()[0]).toMatchObject({ withdrawn: true, replaces: 'cold', note: 'It was cold.' }));
    expect(page.text()).toContain('Nothing so far.');
  });

  it.each([
    ['a day that is to come', async () => setDay('The day on which it happened', addDays(today(), 1)), /still to come/],
    ['a code that is not there', async () => setField('input[aria-label="Their codes"]', 'D03 X9', 'input'), /no dish X9/],
  ])('with %s is not written, and says why', async (_, spoil, words) => {
    await log({ ...startedStudy(), incidents: [cold] });
    await open('Mend');
    await spoil();
    button('Mend it')?.click();
    await eventually(() => expect(dialog()?.textContent).toMatch(words));
    expect(written()).toEqual([]);
  });
});

describe('care', () => {
  const given = () => server.calls.filter(({ path }) => path.endsWith('/care')).map(({ body }) => body as unknown as Care);
  const water: Care = { ...blankOf(careFields), id: 'w1', on: addDays(today(), -1), units: ['D01', 'D02'], amount: 60, amountUnit: 'mL' };

  it('is written down for any day and any units, and each group’s total is told', async () => {
    await log(startedStudy());
    button('Water or feed')?.click();
    await eventually(() => expect(dialog()?.textContent).toContain('Water, feed and other care'));
    await setField('[aria-label="How much"]', '240');
    await setDay('The day on which it was done', addDays(today(), -2));
    const inAll = [...(dialog()?.querySelectorAll<HTMLInputElement>('input[type="radio"]') ?? [])].at(-1);
    inAll?.click();
    await eventually(() => expect(dialog()?.textContent).toContain('that is 20 mL for each dish'));
    button('Write it down for 12 dishes')?.click();
    await eventually(() =>
      expect(given()[0]).toMatchObject({ on: addDays(today(), -2), units: [], amount: 20, amountUnit: 'mL', kind: 'water' }),
    );
    await eventually(() => expect(page.text()).toContain('water: plain water 20 mL each, X 20 mL each'));
  });

  it('as last time is two taps', async () => {
    await log({ ...startedStudy(), care: [water] });
    button('Water or feed')?.click();
    await eventually(() => expect(dialog()?.textContent).toContain('Write it down for 2 dishes'));
    button('Write it down for 2 dishes')?.click();
    await eventually(() =>
      expect(given()[0]).toMatchObject({ on: today(), units: ['D01', 'D02'], amount: 60, amountUnit: 'mL', replaces: null }),
    );
  });

  it('that a group got as a whole stays so much in all when it is mended, and does not become as much for each', async () => {
    const control = itemAt(startedStudy().experiment.arms, 0);
    await log({ ...startedStudy(), care: [{ ...water, units: [], arms: [control.code], amount: 600 }] });
    const total = page.text().match(/water: [^.]*/)?.[0];
    expect(total).toContain('100 mL each');
    [...document.querySelectorAll<HTMLElement>('button.link')].find((own) => own.textContent?.includes('Mend'))?.click();
    await eventually(() => expect(dialog()?.textContent).toContain('that is 100 mL for each dish'));
    button('Mend it for 6 dishes')?.click();
    await eventually(() => expect(given()[0]).toMatchObject({ replaces: 'w1', amount: 100 }));
    expect(itemAt(given(), 0).units).toHaveLength(6);
    expect(page.text()).toContain(total);
  });

  it('is mended and withdrawn, with the old words kept', async () => {
    await log({ ...startedStudy(), care: [water] });
    expect(page.text()).toContain('watered, 60 mL each: D01, D02');
    [...document.querySelectorAll<HTMLElement>('button.link')].find((own) => own.textContent?.includes('Mend'))?.click();
    await eventually(() => expect(dialog()?.textContent).toContain('What was written on'));
    await setField('[aria-label="How much"]', '50');
    button('Mend it for 2 dishes')?.click();
    await eventually(() => expect(given()[0]).toMatchObject({ replaces: 'w1', amount: 50 }));
    await eventually(() => expect(page.text()).toContain('watered, 50 mL each: D01, D02'));
    expect(page.find('.old').text()).toContain('watered, 60 mL each');
  });

  it('and a mishap are written down of what was picked on the bench', async () => {
    await log(startedStudy());
    await page.find('[data-unit="D04"]').trigger('click');
    await eventually(() => expect(dialog()?.textContent).toContain('What about D04?'));
    button('Something went wrong')?.click();
    await eventually(() => expect(dialog()?.textContent).toContain('What went wrong?'));
    await setField('input[aria-label="What went wrong, in a few words"]', 'a snail');
    button('Write it down')?.click();
    await eventually(() =>
      expect(server.calls.at(-1)).toMatchObject({ path: '/experiments/x/incidents', body: { units: ['D04'], note: 'a snail' } }),
    );
  });

  it('a step of the plan with a day waits to be done, for some units and then for the others', async () => {
    const base = startedStudy();
    const potted = { ...blankOf(stageFields), name: 'potted', arms: ['C', 'X'], days: [2] };
    const done: Care = { ...blankOf(careFields), id: 's1', on: addDays(today(), -1), kind: 'other', step: 'potted', units: ['D01', 'D02'] };
    await log({ ...base, experiment: { ...base.experiment, plan: { ...base.experiment.plan, stages: [potted] } }, care: [done] });
    expect(page.find('[aria-label="Steps with days"]').text()).toMatch(/day 2.*potted.*late.*10 of 12 dishes left/);
    button('It was done')?.click();
    await eventually(() => expect(dialog()?.textContent).toContain('Done: potted'));
    button('Write it down for 10 dishes')?.click();
    await eventually(() => expect(given()[0]).toMatchObject({ step: 'potted', kind: 'other', on: today() }));
    expect(itemAt(given(), 0).units).toHaveLength(10);
    await eventually(() => expect(page.find('[aria-label="Steps with days"]').text()).toContain('done'));
  });
});
