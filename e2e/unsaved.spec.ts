import { expect, test, type Page } from '@playwright/test';
import type { Experiment } from '@fern/core';
import { OTHER } from './copy';
import { enterDemo } from './enter';

/** A draft of its own, on its plan. */
async function openPlan(page: Page): Promise<string> {
  await enterDemo(page, OTHER);
  await page.goto('/ask');
  await page.getByRole('button', { name: 'Use this question: Does X change height?' }).click();
  await page.getByRole('button', { name: 'Plan the test' }).click();
  await expect(page.getByLabel('When it ends')).toBeVisible();
  return /experiments\/([^/]+)/.exec(page.url())?.[1] ?? '';
}
const stored = async (page: Page, id: string) =>
  ((await (await page.request.get(`/api/experiments/${id}`)).json()) as { experiment: Experiment }).experiment;

test('one refused formula: the rest is saved, it stands with its reason through back and reload, Start and leaving say so', async ({
  page,
}) => {
  const id = await openPlan(page);
  await page.getByLabel('Kind of Leaves').selectOption('derived');
  const formula = page.getByLabel('Formula of Leaves');
  await formula.fill('2*(height');
  await formula.blur();
  const said = page.getByRole('status').filter({ hasText: 'One change is not saved' });
  await expect(said).toContainText('measure leaves, formula');
  await page.getByLabel('When it ends').fill('day 30, or at the first frost');
  await page.getByLabel('When it ends').blur();
  await expect.poll(async () => (await stored(page, id)).plan.endRule).toBe('day 30, or at the first frost');
  await expect(said).toBeVisible();
  expect((await stored(page, id)).measures.some(({ derived }) => derived === '2*(height')).toBe(false);

  await page.getByRole('button', { name: 'Start the experiment' }).click();
  const start = page.getByRole('dialog', { name: 'Start, and freeze the plan' });
  await expect(start).toContainText('One change is not saved');
  await expect(start.getByRole('button', { name: 'Start and freeze the plan' })).toBeDisabled();
  await page.keyboard.press('Escape');
  await expect(start).toBeHidden();

  await page.getByRole('navigation', { name: 'Everywhere' }).getByRole('link', { name: 'Today' }).click();
  const leaving = page.getByRole('dialog', { name: 'Not everything is saved' });
  await expect(leaving).toContainText('measure leaves, formula');
  await leaving.getByRole('button', { name: 'Leave it for now' }).click();
  await expect(page).toHaveURL(/\/$/);
  await page.goBack();
  await expect(formula).toHaveValue('2*(height');
  await expect(said).toBeVisible();

  // A closed page, opened again at another time.
  page.on('dialog', (dialog) => void dialog.accept());
  await page.reload();
  await expect(formula).toHaveValue('2*(height');
  await expect(said).toContainText('measure leaves, formula');
  await formula.fill('2*height');
  await formula.blur();
  await expect(page.getByText('✓ Saved')).toBeVisible();
  await expect(said).toHaveCount(0);
  expect((await stored(page, id)).measures.some(({ derived }) => derived === '2*height')).toBe(true);
});

test('a change without a network outlives the closed page, and is saved when the network is back', async ({ page, context }) => {
  const id = await openPlan(page);
  await expect(page.getByText('✓ Saved')).toBeVisible();
  await context.setOffline(true);
  await page.getByLabel('When it ends').fill('day 31');
  await page.getByLabel('When it ends').blur();
  await expect(page.getByText('Your changes are kept on this device')).toBeVisible();
  const url = page.url();
  await page.close();
  const later = await context.newPage();
  expect((await stored(later, id)).plan.endRule).not.toBe('day 31');
  await context.setOffline(false);
  await later.goto(url);
  await expect(later.getByLabel('When it ends')).toHaveValue('day 31');
  await expect(later.getByText('✓ Saved')).toBeVisible();
  expect((await stored(later, id)).plan.endRule).toBe('day 31');
});
