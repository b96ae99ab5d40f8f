import { expect, test, type Page } from '@playwright/test';
import { unzipSync, strFromU8 } from 'fflate';
import type { Study } from '@fern/core';
import { signIn } from './enter';

const day = (after: number) => new Date(Date.now() - 60 * 86_400_000 + after * 86_400_000).toISOString().slice(0, 10);
const leave = async (page: Page, label: string, text: string) => {
  await page.getByLabel(label, { exact: true }).fill(text);
  await page.getByLabel(label, { exact: true }).blur();
};

/** Heights in the order of the bench: fifteen beans, five walks. */
const heights = Array.from({ length: 15 }, (_, i) =>
  [4, 9, 17, 26, 38].map((cm, round) => (cm + ((i * 7 + round * 3) % 5) / 2).toString()),
);

test.describe.serial('a whole experiment that ended is typed in from paper, and every word of it stands in report and package', () => {
  let page: Page;
  test.beforeAll(async ({ browser }) => {
    page = await browser.newPage();
  });
  test.afterAll(() => page.close());

  let id = '';
  test('the question and the plan, in the grower’s own words', async () => {
    await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
    await signIn(page);
    await page.goto('/ask');
    await page.getByRole('button', { name: 'Does X change height?' }).click();
    await expect(page.getByLabel('Hypothesis', { exact: false }).first()).toBeVisible();
    await leave(page, 'Plant', 'runner bean');
    await leave(page, 'What is changed on purpose', 'nettle brew');
    await page.getByRole('button', { name: 'Plan the test' }).click();
    await page.getByRole('button', { name: 'Add a group' }).click();
    const names = page.getByRole('list', { name: 'Groups' });
    for (const [i, name] of ['rain water', 'weak brew', 'strong brew'].entries())
      await names
        .getByLabel(/^Name of group/)
        .nth(i)
        .fill(name);
    for (const [i, count] of ['4', '6', '5'].entries())
      await names
        .getByLabel(/^Pots of group/)
        .nth(i)
        .fill(count);
    await page.getByLabel('What units share').selectOption('all');
    await leave(page, 'What is shared', 'windowsill');
    await page.getByLabel('Reading days of Height').fill('7 14 21 28 42');
    await page.getByRole('button', { name: 'Add a measure' }).click();
    await page
      .getByLabel('Name of measure Measure 2')
      .or(page.getByLabel(/^Name of measure/).last())
      .first()
      .fill('Pods');
    await page.getByLabel('Kind of Pods').selectOption('harvest');
    await page.getByLabel('Unit of Pods').fill('g');
    await page.getByLabel('Reading days of Pods').fill('42');
    await page.getByRole('button', { name: 'Add a step' }).click();
    await page.getByLabel('Step 1', { exact: true }).fill('potted on');
    await page.getByLabel('Kind of step 1').selectOption('move');
    await page.getByLabel('Days of step 1').fill('9');
    await page.getByRole('group', { name: 'potted on' }).getByLabel('C', { exact: true }).check();
    await page.getByLabel('What else differs between the groups').fill('the strong brew was ladled, the others were poured');
    await page.getByRole('button', { name: 'Start the experiment' }).click();
    await page.getByLabel('Day 0', { exact: true }).fill(day(0));
    await page.getByRole('button', { name: 'Start and freeze the plan' }).click();
    await expect(page).toHaveURL(/\/prepare$/);
    id = /experiments\/([^/]+)/.exec(page.url())?.[1] ?? '';
  });
  const study = async () => (await (await page.request.get(`/api/experiments/${id}/study`)).json()) as Study;

  test('five walks and two pickings', async () => {
    await page.goto(`/experiments/${id}/log`);
    await page.evaluate((text) => navigator.clipboard.writeText(text), heights.map((row) => row.join('\t')).join('\n'));
    await page.locator('tbody tr').first().locator('td.cell').first().click();
    await page.keyboard.press('Control+V');
    await expect(page.getByText('75 readings were pasted.')).toBeVisible();
    await page.getByLabel('Which measure is shown').selectOption({ label: 'Pods' });
    for (const after of [37, 40]) {
      await page.getByLabel('Day of extra readings').fill(day(after));
      await page.getByRole('button', { name: 'Add a column' }).click();
    }
    const cell = (column: number) => page.locator('tbody tr').first().locator('td.cell').nth(column);
    await cell(0).click();
    await page.keyboard.type('20');
    await page.keyboard.press('Tab');
    await page.keyboard.type('12.5');
    await page.keyboard.press('Enter');
    await expect.poll(async () => (await study()).observations.length).toBe(77);
  });

  test('a loss with its day, a mix-up, care, and a step that was done late', async () => {
    const dialog = page.getByRole('dialog').filter({ visible: true });
    const { experiment } = await study();
    const codes = experiment.units.map(({ code: unit }) => unit);
    const pick = (code: string) => page.locator(`aside [data-unit="${code}"]`).click();
    await pick(codes[14]);
    await dialog.getByRole('button', { name: 'It is lost, or does not count' }).click();
    await dialog.getByLabel('What happened').fill('a deer');
    await dialog.getByLabel('The day on which it happened').fill(day(44));
    await dialog.getByRole('button', { name: /^Mark .* as lost$/ }).click();
    await pick(codes[3]);
    await dialog.getByRole('button', { name: 'Something went wrong' }).click();
    await dialog.getByLabel('What kind of thing').selectOption('mix-up');
    await dialog.getByLabel('Their codes').fill(`${codes[3]} ${codes[4]}`);
    await dialog.getByLabel('The day on which it happened').fill(day(20));
    await dialog.getByLabel('What went wrong, in a few words').fill('two labels fell off');
    await dialog.getByRole('button', { name: 'Write it down' }).click();
    await page.getByRole('button', { name: 'Water or feed' }).click();
    await dialog.getByLabel('The day on which it was done').fill(day(10));
    await dialog.getByLabel('How much').fill('3');
    await dialog.getByLabel('Unit of the amount').fill('L');
    await dialog.getByLabel('in all').check();
    await dialog.getByRole('button', { name: /^Write it down/ }).click();
    await page.getByRole('button', { name: 'It was done' }).click();
    await dialog.getByLabel('The day on which it was done').fill(day(11));
    await dialog.getByRole('button', { name: /^Write it down/ }).click();
    await expect.poll(async () => (await study()).care.length).toBe(2);
  });

  test('the report has every word', async () => {
    await page.goto(`/experiments/${id}/write`);
    const report = page.getByRole('main');
    for (const words of [
      'runner bean',
      'rain water (4), weak brew (6) and strong brew (5)',
      'All shared one: windowsill.',
      'Potted on, on ',
      ', planned for day 9',
      'the strong brew was ladled, the others were poured',
      'a deer',
      'two labels fell off',
      'Water in all',
      'potted on: ',
    ])
      await expect(report, words).toContainText(words);
  });

  test('the package has it too, and reads back the same', async () => {
    const zip = await (await page.request.get(`/api/experiments/${id}/package`)).body();
    const texts = Object.values(unzipSync(new Uint8Array(zip)))
      .map((bytes) => strFromU8(bytes))
      .join('\n');
    for (const words of ['runner bean', 'nettle brew', 'a deer', 'two labels fell off', 'potted on', 'windowsill', 'ladled', day(37)])
      expect(texts).toContain(words);
    const headers = { 'x-fern-test': '2', 'content-type': 'application/zip' };
    const made = (await (await page.request.post('/api/packages', { data: zip, headers })).json()) as { id: string };
    const again = (await (await page.request.get(`/api/experiments/${made.id}/study`)).json()) as Study & { version: number };
    const { version: _first, ...first } = (await study()) as Study & { version: number };
    const { version: _second, ...second } = again;
    expect(second).toEqual(first);
  });
});
