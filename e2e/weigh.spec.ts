import AxeBuilder from '@axe-core/playwright';
import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { enterDemo } from './enter';

async function weigh(page: Page, title: string): Promise<void> {
  await enterDemo(page);
  await page.getByRole('link', { name: title, exact: true }).click();
  await page.getByRole('link', { name: /^Weigh up/ }).click();
  await expect(page.getByTestId('sentence')).toBeVisible();
}

test('the answer comes first, and the picture fits the question: doses, factors, pairs, days', async ({ page }) => {
  await enterDemo(page);
  for (const [title, answer, drawn] of [
    [
      'Salt water and radish sprouting',
      /^So far, normal sprouts: \d+ percentage points lower with 100 mM salt$/,
      /tap water: mean .*100 mM salt: mean/,
    ],
    ['Straw mulch and water loss', /^So far, water lost: .* mL lower with straw 5 cm/, /clay pot: no mulch .*plastic pot: no mulch/],
    ['Buried tea bags', /but that could be chance$/, /in \d+ of 10 pairs/],
    ['Banana-peel water and marigolds', /^First flower: /, /pots have had it, half of them by day/],
  ] as const) {
    await page.goto('/');
    await page.getByRole('link', { name: title, exact: true }).click();
    await page.getByRole('link', { name: /^Weigh up/ }).click();
    await expect(page.getByRole('heading', { level: 1, name: answer })).toBeVisible();
    await expect(page.getByRole('img', { name: drawn }).first()).toBeVisible();
  }
});

test('the same data another way: the shuffle is dealt and stopped, the map says what the place did, one is left out', async ({ page }) => {
  await weigh(page, 'Salt water and radish sprouting');
  await page.getByRole('button', { name: 'Try the shuffle' }).click();
  await page.getByRole('button', { name: 'Deal the names' }).click();
  await expect(page.getByRole('heading', { name: /of \d{2,} shuffles gave a difference at least as big/ })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  const dealt = await page.getByText(/^\d+ dealt$/).innerText();
  await page.getByRole('button', { name: 'Deal once' }).click();
  await expect(page.getByText(`${Number.parseInt(dealt, 10) + 1} dealt`)).toBeVisible();
  await page.getByRole('button', { name: 'Map of the bench' }).click();
  await expect(page.getByRole('heading', { name: /end (came out about|of the bench did better)/ })).toBeVisible();
  const sentence = await page.getByTestId('sentence').innerText();
  await page.getByRole('button', { name: 'Leave dishes out' }).click();
  await page.getByRole('checkbox', { name: 'D14' }).check();
  await expect(page.getByRole('heading', { name: 'Normal sprouts without D14: look at the means' })).toBeVisible();
  await expect(page.getByTestId('sentence')).toHaveText(sentence);
  expect(
    (await new AxeBuilder({ page }).analyze()).violations.filter(({ impact }) => impact === 'serious' || impact === 'critical'),
  ).toEqual([]);
});

test.describe('where motion is not wanted', () => {
  test.use({ contextOptions: { reducedMotion: 'reduce' } });
  test('the shuffle is dealt a thousand times in one go', { tag: '@all' }, async ({ page }) => {
    await weigh(page, 'Buried tea bags');
    await page.getByRole('button', { name: 'Try the shuffle' }).click();
    await page.getByRole('button', { name: 'Deal the names' }).click();
    await expect(page.getByText('1000 dealt')).toBeVisible();
  });
});

test(
  'another run beside this one: pooled with its like, set apart from another question with the reason',
  { tag: '@all' },
  async ({ page }) => {
    await weigh(page, 'Coloured film over basil');
    const id = /experiments\/([^/]+)/.exec(page.url())?.[1] ?? '';
    const zip = await (await page.request.get(`/api/experiments/${id}/package`)).body();
    await page.getByRole('button', { name: 'Other runs' }).click();
    await page.getByLabel('Another experiment of yours').selectOption({ label: 'Straw mulch and water loss' });
    await expect(page.getByText('Straw mulch and water loss had another main measurement, so the two aren’t combined.')).toBeVisible();
    await page.reload();
    await page.getByRole('button', { name: 'Other runs' }).click();
    await page.getByLabel('Open a package').setInputFiles({ name: 'last-year.zip', mimeType: 'application/zip', buffer: zip });
    await expect(page.getByText(/^Together, each run a block of its own: .* higher with .*red film than with clear film/)).toBeVisible();
    await expect(page.getByRole('heading', { name: 'All 3 went the same way' })).toBeVisible();
  },
);

test('a picture is saved as lines, with its title, its key and every mark in it', { tag: '@all' }, async ({ page }) => {
  await weigh(page, 'Salt water and radish sprouting');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as SVG' }).first().click();
  const svg = readFileSync((await (await waiting).path()) ?? '', 'utf8');
  for (const words of ['percentage points lower with 100 mM salt', 'tap water', 'salt in the water, mM']) expect(svg).toContain(words);
  expect(svg.match(/<path/g)?.length).toBeGreaterThan(24);
});

test('on a phone nothing stands beside the page', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await weigh(page, 'Straw mulch and water loss');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await expect(page.getByRole('button', { name: 'Each pot' })).toHaveCount(0);
});
