import { writeFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { enterByDoor, enterDemo, openStep } from './enter';

const SALT = 'Salt water and radish sprouting';

async function noSeriousFaults(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa']).analyze();
  const bad = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(bad.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`)).toEqual([]);
}

test('the demo’s one-click entries show each account its own experiments only', async ({ page }) => {
  await enterByDoor(page, 'Moor Lane allotment');
  await expect(page.getByRole('link', { name: SALT, exact: true })).toHaveCount(0);
  await page.getByLabel('Signed in as').click();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: 'Look around the demo' })).toBeVisible();
  await enterByDoor(page);
  await expect(page.getByRole('link', { name: SALT, exact: true })).toBeVisible();
});

test('the walk: a comma for a point, text, a slip of ten, a total that falls, and undo', async ({ page }) => {
  await enterDemo(page);
  await expect(page.getByText('Count normal sprouts in 24 dishes').first()).toBeVisible();
  await page.keyboard.press('Enter');
  const field = page.getByRole('textbox', { name: 'How many: normal sprouts?' });
  await expect(page.getByTestId('unit')).toHaveText('D01');
  await field.fill('twelve');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('is not a number');
  await field.fill('12,5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('A count is a whole number');
  await field.fill('-3');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('cannot be below 0');
  // A reading far under the last one is asked about, and stands when it is meant.
  await field.fill('25');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('unit')).toHaveText('D02');
  await page.keyboard.press('u');
  await expect(page.getByTestId('unit')).toHaveText('D01');
  await expect(field).toHaveValue('25');
  await expect(page.getByText('A new number corrects it and stands on the same day; the old one is kept.')).toBeVisible();
  await field.fill('24');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('unit')).toHaveText('D02');
  await page.getByRole('link', { name: 'Leave the walk; it goes on from here' }).click();
  await expect(page.locator('td.cell sup').filter({ hasText: '*' })).toHaveCount(1);
});

test('an amount takes a comma, and asks about a decimal slip', { tag: '@all' }, async ({ page }) => {
  await enterDemo(page);
  await openStep(page, 'Coloured film over basil', 'Log');
  await page.getByRole('listitem').filter({ hasText: 'day 28' }).getByRole('button').click();
  const field = page.getByRole('textbox', { name: 'Height, in cm?' });
  const before = await field.inputValue();
  await field.fill(String(Number(before) * 10));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Is the decimal point right?');
  await page.getByRole('button', { name: 'Read it again' }).click();
  await field.fill(before.replace('.', ','));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Leaves, in leaves?' })).toBeVisible();
});

test('without a network the walk goes on, survives a closed tab, and sends once', { tag: '@all' }, async ({ page, context }) => {
  await enterDemo(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Start here' }).first().click();
  await expect(page.getByTestId('unit')).toBeVisible();
  const first = await page.getByTestId('unit').textContent();
  await context.setOffline(true);
  await page.keyboard.type('20');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('unit')).not.toHaveText(first ?? '');
  await expect(page.getByText('1 entry kept on this device, to be sent when the network is back')).toBeVisible();
  await context.setOffline(false);
  await page.reload();
  await expect(page.getByText('Everything so far is saved.')).toBeVisible();
  const id = /experiments\/([^/]+)/.exec(page.url())?.[1] ?? '';
  const rows = (await (await page.request.get(`/api/experiments/${id}/observations`)).json()) as {
    unit: string;
    value: number;
    observer: string;
  }[];
  expect(rows.filter((row) => row.unit === first && row.observer === 'Fennick Hollow School' && row.value === 20)).toHaveLength(1);
});

test('plan: bad numbers are told and change nothing; a unit moves by keyboard and by mouse', async ({ page }) => {
  await enterDemo(page, 'Moor Lane allotment');
  await page.goto('/ask');
  await page.getByRole('button', { name: 'Use this question: Does X change height?' }).click();
  await page.getByRole('button', { name: 'Plan the test' }).click();
  const units = page.getByLabel('Units per group');
  for (const [typed, words] of [
    ['0', '0 is too few'],
    ['201', '201 is too many'],
    ['many', 'is not a number'],
  ] as const) {
    await units.fill(typed);
    await expect(page.getByRole('alert')).toContainText(words);
    await expect(page.locator('[data-unit]')).toHaveCount(20);
  }
  await units.fill('8');
  await page.getByLabel('Role of group X').selectOption('control');
  await expect(page.getByLabel('Role of group C')).toHaveValue('treatment');
  await expect(page.getByText('✓ Saved')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByLabel('Role of group C')).toHaveValue('control');
  await expect(page.getByText('✓ Saved')).toBeVisible();

  const place = (unit: string) => page.locator(`[data-unit="${unit}"]`).getAttribute('aria-label');
  await page.locator('[data-unit="P01"]').focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  expect(await place('P01')).toContain('row 1, place 2');
  expect(await place('P02')).toContain('row 1, place 1');
  const [from, to] = [await page.locator('[data-unit="P01"]').boundingBox(), await page.locator('[data-unit="P06"]').boundingBox()];
  if (!from || !to) throw new Error('the bench is not drawn');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 5 });
  await page.mouse.up();
  expect(await place('P01')).toContain('row 1, place 6');
  await expect(page.getByText('✓ Saved')).toBeVisible();
  await page.reload();
  await expect(page.locator('[data-unit="P01"]')).toHaveAttribute('aria-label', /row 1, place 6/);
});

test('two windows: the second is told of the conflict, and nothing is overwritten', async ({ page, context }) => {
  await enterDemo(page, 'Moor Lane allotment');
  await page.goto('/ask');
  await page.getByRole('button', { name: 'Use this question: Does X change height?' }).click();
  await expect(page.getByLabel('Title')).toHaveValue('Does X change height?');
  const other = await context.newPage();
  // A window that is told of nothing, as after a moment without a network.
  await other.route('**/news', (route) => route.abort());
  await other.goto(page.url());
  await expect(other.getByLabel('Title')).toHaveValue('Does X change height?');
  await page.getByLabel('Title').fill('First window');
  await expect(page.getByText('✓ Saved')).toBeVisible();
  await other.getByLabel('Title').fill('Second window');
  await expect(other.getByText('Nothing was overwritten')).toBeVisible();
  await other.getByRole('button', { name: 'Load it again' }).click();
  await expect(other.getByLabel('Title')).toHaveValue('First window');
});

test('a package of the wrong kind is refused in words', async ({ page }, testInfo) => {
  await enterDemo(page);
  await page
    .getByLabel('Open a data package, or everything that was taken out (.zip)')
    .setInputFiles({ name: 'notes.zip', mimeType: 'application/zip', buffer: Buffer.from('not a zip') });
  await expect(page.getByRole('alert')).toContainText('is not a .zip file that can be opened');
  const big = testInfo.outputPath('big.zip');
  writeFileSync(big, Buffer.alloc(101 * 1024 * 1024));
  await page.getByLabel('Open a data package, or everything that was taken out (.zip)').setInputFiles(big);
  await expect(page.getByRole('alert')).toContainText('100 MB');
});

test('the walk has no serious fault on a phone, and nothing hangs over its edge', { tag: '@all' }, async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await enterDemo(page);
  await page.getByRole('button', { name: 'Start here' }).first().click();
  await expect(page.getByTestId('unit')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await noSeriousFaults(page);
});

test('the first load is under 350 kB of compressed JavaScript', async ({ page }) => {
  const { gzipSync } = await import('node:zlib');
  const sizes: number[] = [];
  page.on('response', async (response) => {
    if (response.url().endsWith('.js')) sizes.push(gzipSync(await response.body()).length);
  });
  await enterDemo(page);
  await page.waitForLoadState('networkidle');
  expect(sizes.length).toBeGreaterThan(3);
  expect(sizes.reduce((a, b) => a + b, 0)).toBeLessThan(350 * 1024);
});

test('a unit is marked as lost and put back; an experiment is deleted only after asking', { tag: '@all' }, async ({ page }) => {
  await enterDemo(page, 'Moor Lane allotment');
  await page.goto('/ask');
  await page.getByRole('button', { name: 'Use this question: Does X change height?' }).click();
  await page.getByLabel('Title').fill('To be deleted');
  await page.getByRole('button', { name: 'Plan the test' }).click();
  await page.getByRole('button', { name: 'Start the experiment' }).click();
  await page.getByRole('button', { name: 'Start and freeze the plan' }).click();
  await page.getByRole('button', { name: 'Go to the log' }).click();
  await page.locator('[data-unit="P03"]').click();
  await page.getByRole('button', { name: 'It is lost, or does not count' }).click();
  await page.getByLabel('What happened', { exact: true }).fill('dropped');
  await page.getByRole('button', { name: 'Mark P03 as lost' }).click();
  await expect(page.locator('[data-unit="P03"]')).toHaveAttribute('aria-label', /lost/);
  await page.locator('[data-unit="P03"]').click();
  await page.getByRole('button', { name: 'Its loss' }).click();
  await page.getByRole('button', { name: 'Put P03 back' }).click();
  await expect(page.locator('[data-unit="P03"]')).not.toHaveAttribute('aria-label', /lost/);
  await page.getByRole('link', { name: /^Ask no/ }).click();
  await page.getByRole('button', { name: 'Delete this experiment' }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Your experiments' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'To be deleted' })).toHaveCount(0);
  await page.goto('/account');
  await page.getByRole('listitem').filter({ hasText: 'To be deleted' }).getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('cell', { name: 'taken back from the bin' })).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'To be deleted' })).toBeVisible();
});
