import { expect, test, type Page } from '@playwright/test';
import { enterDemo } from './enter';

/** A started experiment from a ready-made question, so many days ago, opened at the walk of a day. */
async function roundOf(page: Page, question: string, daysAgo: number, day: number): Promise<void> {
  await enterDemo(page, 'Moor Lane allotment');
  await page.goto('/ask');
  await page.getByLabel('Find a ready-made question').fill(question);
  await page.getByRole('button', { name: `Use this question: ${question}` }).click();
  await page.getByRole('button', { name: 'Plan the test' }).click();
  await page.getByRole('button', { name: 'Start the experiment' }).click();
  const date = new Date(Date.now() - daysAgo * 86_400_000).toISOString().slice(0, 10);
  await page.getByLabel('Day 0', { exact: true }).fill(date);
  await page.getByRole('button', { name: 'Start and freeze the plan' }).click();
  await expect(page.getByRole('navigation', { name: 'Prepare' })).toBeVisible();
  const id = /experiments\/([^/]+)/.exec(page.url())?.[1] ?? '';
  await page.goto(`/experiments/${id}/log/walk/${day}`);
  await expect(page.getByTestId('unit')).toBeVisible();
}

test('a rating is chosen from its described steps, an event by yes or not yet', async ({ page }) => {
  await roundOf(page, 'Does an air pump help roots in water?', 14, 14);
  await expect(page.getByTestId('unit')).toHaveText('T01');
  await expect(page.getByRole('heading', { name: 'Which step fits: root colour?' })).toBeVisible();
  await page.getByRole('button', { name: '5 white, firm, branching' }).click();
  await page.getByRole('textbox', { name: 'Water temperature, in °C?' }).fill('20,5');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('unit')).toHaveText('T02');
  await page.getByRole('link', { name: 'Leave the walk; it goes on from here' }).click();
  await page.getByLabel('Which measure is shown').selectOption({ label: 'Water temperature' });
  await expect(page.getByRole('cell', { name: '20.5' })).toBeVisible();
});

test('a day that something happens is asked as yes or not yet', { tag: '@all' }, async ({ page }) => {
  await roundOf(page, 'Does X change sprouting?', 5, 5);
  await page.keyboard.type('7');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Has it happened: first sprout?' })).toBeVisible();
  await page.getByRole('button', { name: '1 yes, it has' }).click();
  await expect(page.getByTestId('unit')).toHaveText('D02');
});

test('what went wrong is written down from the walk, and the check takes it up', { tag: '@all' }, async ({ page }) => {
  await roundOf(page, 'Does X change height?', 7, 7);
  await page.keyboard.press('w');
  await page.getByLabel('What kind of thing').selectOption('equipment');
  await page.getByLabel('What it touched').selectOption('arms');
  await page.getByRole('group', { name: 'Which groups' }).getByRole('checkbox').last().check();
  await page.getByLabel('What went wrong, in a few words').fill('the lamp fell');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await page.getByRole('textbox', { name: 'Height, in cm?' }).fill('6');
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: 'Leave the walk; it goes on from here' }).click();
  await expect(page.getByText('the lamp fell')).toBeVisible();
  await page.getByRole('link', { name: /^Weigh up/ }).click();
  await expect(page.getByText('so it could explain the difference.')).toBeVisible();
});

test('the keys: the six steps, Today, find, and the list of keys', async ({ page }) => {
  await enterDemo(page);
  await page.getByRole('link', { name: 'Coloured film over basil', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'The notebook' })).toBeVisible();
  await page.keyboard.press('5');
  await expect(page.getByTestId('verdict')).toBeVisible();
  await page.keyboard.press('6');
  await expect(page.getByRole('heading', { name: 'Take it away' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  await expect(page.getByLabel('Find a ready-made question')).toBeVisible();
  await page.keyboard.press('g');
  await page.keyboard.press('t');
  await expect(page.getByRole('heading', { name: 'Your experiments' })).toBeVisible();
});

test('every picture has its numbers as a table, and can be saved', { tag: '@all' }, async ({ page }) => {
  await enterDemo(page);
  await page.getByRole('link', { name: 'Coloured film over basil', exact: true }).click();
  await page.getByRole('link', { name: /^Weigh up/ }).click();
  await page.getByRole('button', { name: 'Show the numbers' }).first().click();
  await expect(page.getByRole('region', { name: 'The numbers' }).getByRole('row')).toHaveCount(4);
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PNG' }).first().click();
  expect((await waiting).suggestedFilename()).toMatch(/\.png$/);
});

test('an address that leads nowhere, and an experiment that is not there, say so', async ({ page }) => {
  await enterDemo(page);
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'Nothing grows under this address' })).toBeVisible();
  await page.goto('/experiments/0190a1b2-0000-7000-8000-000000000000/plan');
  await expect(page.getByRole('alert')).toContainText('or it is not yours');
});
