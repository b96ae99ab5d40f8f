import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import type { Study } from '@fern/core';
import { copyOf } from './copy';

/** A thumb and no keyboard: where a field is touched to be typed in, that is counted. */
test('12 dishes are counted by category by thumb alone, two touches each, and the sum closes', async ({ browser }) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  const { id: copy } = await copyOf(page, 'Salt water');
  const { experiment } = (await (await page.request.get(`/api/experiments/${copy}/study`)).json()) as Study;
  const [sprouts] = experiment.measures;
  const counted = {
    ...experiment,
    title: 'Counted by category',
    units: experiment.units.slice(0, 12),
    measures: [{ ...sprouts, categories: ['normal', 'mouldy', 'not-yet'], category: 'normal', readingDays: [5] }],
  };
  const made = await page.request.post('/api/experiments', { data: counted, headers: { 'x-fern-test': '2' } });
  const { id } = (await made.json()) as { id: string };
  const readings = async () => ((await (await page.request.get(`/api/experiments/${id}/study`)).json()) as Study).observations;

  await page.goto(`/experiments/${id}/log/walk/5`);
  const unit = page.getByTestId('unit');
  await expect(unit).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze();
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([]);

  let touches = 0;
  const touch = async (name: string | RegExp) => {
    await page.getByRole('button', { name }).first().tap();
    touches++;
  };
  const last = counted.units.length;
  for (let i = 0; i < last; i++) {
    const code = await unit.textContent();
    if (i === 0) {
      // What does not close is told of, and nothing is kept.
      await touch('One mouldy more');
      await touch(/^Next dish/);
      await expect(page.getByRole('alert')).toContainText('24 not told of');
    }
    await touch(/^the rest/);
    await touch(/^Next dish/);
    if (i < last - 1) await expect(unit).not.toHaveText(code ?? '');
  }
  expect(touches).toBe(2 * last + 2);
  await expect.poll(async () => (await readings()).length, { timeout: 30_000 }).toBe(3 * last);
  const all = await readings();
  const sums = counted.units.map((own) => all.filter((seen) => seen.unit === own.code).reduce((sum, { value }) => sum + (value ?? 0), 0));
  expect(new Set(sums)).toEqual(new Set([25]));
  // Nothing hangs over the edge.
  await page.goto(`/experiments/${id}/log`);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await context.close();
});
