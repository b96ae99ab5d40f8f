import AxeBuilder from '@axe-core/playwright';
import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { copyOf } from './copy';

async function write(page: Page) {
  const copy = await copyOf(page, 'Salt water');
  await page.goto(`/experiments/${copy.id}/write`);
  await expect(discussion(page)).toBeVisible();
  return copy;
}
const discussion = (page: Page) => page.getByRole('textbox', { name: 'Discussion, in your own words' });

test('written by keyboard alone: a fact by @, a number that disagrees is marked, undone and kept', async ({ page }) => {
  await write(page);
  await discussion(page).focus();
  await page.keyboard.type('In tap water @');
  await page.getByRole('combobox', { name: 'Find a fact' }).fill('tap water share');
  await expect(page.getByRole('option', { name: /%/ }).first()).toBeVisible();
  await page.keyboard.press('Enter');
  await page.keyboard.type(' sprouted. 100 mM salt gave 38 points fewer sprouts than tap water.');
  await expect(discussion(page).locator('.fact')).toHaveText(/^\d+(\.\d)?%$/);
  await expect(page.getByText(/^You wrote “38 points”; the data say \d+ percentage points lower\.$/)).toBeVisible();
  await expect(discussion(page).locator('.hint')).toHaveText('38 points');
  // Slow typing is undone by pieces.
  await expect(async () => {
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/^You wrote/)).toBeHidden({ timeout: 2000 });
  }).toPass();
  await expect(async () => {
    await page.keyboard.press('Control+Shift+z');
    await expect(discussion(page)).toContainText('gave 38 points fewer sprouts than tap water.', { timeout: 2000 });
  }).toPass();
  await expect(page.getByText('✓ Saved')).toBeVisible();
  await page.reload();
  await expect(discussion(page)).toContainText('gave 38 points fewer');
  await expect(discussion(page).locator('.fact')).toBeVisible();
  expect(
    (await new AxeBuilder({ page }).analyze()).violations.filter(({ impact }) => impact === 'serious' || impact === 'critical'),
  ).toEqual([]);
});

test('a reason, a source and a picture beside a part, the names and the day; then the file, in three lengths', async ({ page }) => {
  await write(page);
  await page.getByLabel('Who wrote it').fill('Sphagnum and Moss');
  await page.getByText('A reason, a source, a picture').nth(2).click();
  const beside = page.locator('details').filter({ hasText: 'A reason, a source, a picture' }).nth(2);
  await beside.getByLabel('Because').fill('salt holds the water');
  await beside.getByLabel('Source').fill('our garden book');
  await beside.getByRole('combobox').selectOption({ index: 1 });
  await expect(page.getByText('✓ Saved')).toBeVisible();
  await page.getByText('One page', { exact: true }).click();
  await expect(page.getByRole('heading', { name: 'What we did' })).toBeVisible();
  await expect(page.getByText('Sphagnum and Moss').last()).toBeVisible();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Web page' }).click();
  const file = await waiting;
  expect(file.suggestedFilename()).toBe('Salt-water-and-radish-sprouting.html');
  const html = readFileSync(await file.path(), 'utf8');
  for (const words of ['What we did', 'our garden book', 'salt holds the water', 'data:image/png']) expect(html).toContain(words);
});

test('Word and PDF are made in the page, in a worker', async ({ page }) => {
  await write(page);
  for (const [name, begins] of [
    ['Word', 'PK'],
    ['PDF', '%PDF'],
    ['Readings, XLSX', 'PK'],
  ] as const) {
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name, exact: true }).click();
    const bytes = readFileSync(await (await waiting).path());
    expect(bytes.subarray(0, begins.length).toString()).toBe(begins);
    expect(bytes.length).toBeGreaterThan(5000);
  }
});

test('two tabs: what is typed in one comes to the other, and both are stored', async ({ page, context }) => {
  const { study } = await write(page);
  const conclusion = (own: Page) => own.getByRole('textbox', { name: 'Conclusion, in your own words' });
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(discussion(other)).toBeVisible();
  await discussion(page).fill('From the first tab.');
  await expect(discussion(other)).toHaveText('From the first tab.');
  await conclusion(other).fill('From the second tab.');
  await expect(conclusion(page)).toHaveText('From the second tab.');
  const { writing } = (await study()).experiment;
  expect([writing.discussion, writing.conclusion]).toEqual(['From the first tab.', 'From the second tab.']);
});
