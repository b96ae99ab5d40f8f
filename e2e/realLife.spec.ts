import { expect, test, type Page } from '@playwright/test';
import type { Incident, Study, Unit } from '@fern/core';
import { enterDemo } from './enter';

const addDays = (from: string, days: number) => new Date(Date.parse(from) + days * 86_400_000).toISOString().slice(0, 10);

/** The demo's pots of which a walk was missed yesterday. */
async function openMulch(page: Page): Promise<{ readonly id: string; readonly study: () => Promise<Study> }> {
  await enterDemo(page);
  const list = (await (await page.request.get('/api/experiments')).json()) as { id: string; title: string }[];
  const id = list.find(({ title }) => title.startsWith('Straw mulch'))?.id ?? '';
  return { id, study: async () => (await (await page.request.get(`/api/experiments/${id}/study`)).json()) as Study };
}
const unit = (page: Page) => page.getByTestId('unit');

test('what really happens: a missed walk, a slip put right on its own day, an empty pot, an extra walk', async ({ page }) => {
  const { id, study } = await openMulch(page);
  const { experiment } = await study();
  const planned = addDays(experiment.startedOn ?? '', 8);
  const of = async (code: string) => (await study()).observations.filter((seen) => seen.unit === code).slice(-1)[0];

  await test.step('the walk that was missed is filled on its own day', async () => {
    await page.goto(`/experiments/${id}/log/walk/8`);
    await expect(page.getByRole('heading', { name: 'When were these read?' })).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(unit(page)).toHaveText('P01');
    await page.keyboard.type('130');
    await page.keyboard.press('Enter');
    await expect(unit(page)).toHaveText('P02');
    await expect.poll(() => of('P01')).toMatchObject({ value: 130, observedOn: planned, plannedDay: 8 });
  });

  await test.step('an empty pot has no water lost, neither 0', async () => {
    await page.keyboard.press('o');
    await expect(unit(page)).toHaveText('P03');
    await expect.poll(() => of('P02')).toMatchObject({ value: null, absent: 'nothing-there', plannedDay: 8 });
  });

  await test.step('digits never lead away from a walk', async () => {
    await page.mouse.click(300, 700);
    await page.keyboard.press('1');
    await expect(unit(page)).toHaveText('P03');
  });

  await test.step('a slip is put right on the day on which it was made', async () => {
    await page.goto(`/experiments/${id}/log/walk/6`);
    await page.locator('[data-unit="P01"]').first().click();
    await expect(page.getByText('A new number corrects it and stands on the same day')).toBeVisible();
    await page.keyboard.type('99');
    await page.keyboard.press('Enter');
    await expect.poll(() => of('P01')).toMatchObject({ value: 99, observedOn: addDays(experiment.startedOn ?? '', 7), plannedDay: 6 });
  });

  await test.step('an extra walk stands beside the walks', async () => {
    const before = (await study()).observations.length;
    await page.goto(`/experiments/${id}/log`);
    await page.getByRole('button', { name: 'Extra walk' }).click();
    await page.getByLabel('The day of the walk').fill(addDays(planned, -1));
    await page.getByRole('button', { name: 'Go along the bench' }).click();
    await expect(unit(page)).toHaveText('P01');
    await page.keyboard.type('120');
    await page.keyboard.press('Enter');
    await expect.poll(async () => (await study()).observations.length).toBe(before + 1);
    expect(await of('P01')).toMatchObject({ value: 120, observedOn: addDays(planned, -1), plannedDay: null, replaces: null });
  });
});

test('what went wrong touches the three pots that were picked, on its own day, and stands in the report', async ({ page }) => {
  const { id, study } = await openMulch(page);
  const { experiment } = await study();
  const on = addDays(experiment.startedOn ?? '', 3);
  await page.goto(`/experiments/${id}/log`);
  await page.getByRole('button', { name: 'Write down what went wrong' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('The day on which it happened').fill(on);
  await dialog.getByLabel('What went wrong, in a few words').fill('The sill was wet.');
  await dialog.getByLabel('What it touched').selectOption('units');
  for (const code of ['P03', 'P07', 'P11']) await dialog.locator(`[data-unit="${code}"]`).click();
  await expect(dialog.getByText('It affected only P03, P07 and P11')).toBeVisible();
  await dialog.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('The sill was wet. (P03, P07, P11)')).toBeVisible();
  await expect
    .poll(async () => (await study()).incidents.find(({ note }: Incident) => note === 'The sill was wet.'))
    .toMatchObject({ on, units: ['P03', 'P07', 'P11'], arms: [] });
  await page.goto(`/experiments/${id}/write`);
  await expect(page.getByRole('heading', { name: 'Problems and changes' })).toBeVisible();
  await expect(page.getByText(/The sill was wet \(P03, P07, P11\)/)).toBeVisible();
});

test('more pots after the start: those that were read keep their arm and their place', async ({ page }) => {
  const { id, study } = await openMulch(page);
  const places = ({ experiment }: Study) => experiment.units.map((own: Unit) => [own.code, own.arm, own.block, own.row, own.column]);
  const before = await study();
  await page.goto(`/experiments/${id}/plan`);
  await page.getByRole('button', { name: 'Amend the plan' }).click();
  await expect(page.getByRole('button', { name: /^Shuffle/ })).toHaveCount(0);
  await page.getByLabel('Units per group').fill('5');
  await page.getByLabel('Units per group').press('Enter');
  await page.getByLabel('What you change', { exact: true }).fill('one more pot an arm');
  await page.getByLabel('Why you change it').fill('there was room');
  await page.getByRole('button', { name: 'Save the amendment' }).click();
  await expect(page.getByRole('button', { name: 'Amend the plan' })).toBeVisible();
  const after = await study();
  expect(after.experiment.units.length).toBe(before.experiment.units.length + before.experiment.arms.length);
  expect(places(after).slice(0, before.experiment.units.length)).toEqual(places(before));
});
