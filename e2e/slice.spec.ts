import { execFileSync } from 'node:child_process';
import { copyFileSync, readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import type { Result } from '@fern/core';
import { PLAIN } from './enter';

// Twenty sown in each of four dishes an arm. By hand: means 87.5% and 47.5%, SE 4.5644 points, 6 df, t 2.4469; R t.test gives −51.16857 to −28.83143 points.
const counts = { 'plain water': [18, 17, 19, 16], 'Salt water': [9, 10, 8, 11] } as const;

function daysAgo(days: number): string {
  const date = new Date();
  date.setDate(date.getDate() - days);
  return `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`;
}

async function download(page: Page, name: string, role: 'button' | 'link'): Promise<string> {
  const waiting = page.waitForEvent('download');
  await page.getByRole(role, { name, exact: true }).click();
  return (await waiting).path();
}

test.describe.serial('from the first sign-in to the downloaded report, on a new experiment', () => {
  let page: Page;
  test.beforeAll(async ({ browser }) => {
    page = await browser.newPage();
  });
  test.afterAll(() => page.close());

  test('make the teacher’s account', async () => {
    await page.goto(PLAIN);
    await page.getByLabel('Name').fill('M. Bracken');
    await page.getByLabel('Password').fill('short');
    await page.getByRole('button', { name: 'Make the account' }).click();
    await expect(page.getByText('Use at least 8 characters.')).toBeVisible();
    await page.getByLabel('Password').fill('moss and fern');
    await page.getByRole('button', { name: 'Make the account' }).click();
    await expect(page.getByRole('heading', { name: 'No experiment yet' })).toBeVisible();
  });

  test('ask', async () => {
    await page.getByRole('button', { name: 'Ask the first question' }).click();
    await page.getByLabel('Find a ready-made question').fill('salt seeds');
    await page.getByRole('button', { name: 'Use this question: Does X change sprouting?' }).click();
    await page.getByLabel('Title').fill('Salt on radish');
    await page.getByLabel('Question').fill('Does salt water keep radish seed from sprouting?');
    await page.getByLabel('Hypothesis: what you expect').fill('Fewer radish seeds sprout in salt water than in plain water.');
    await page.getByLabel('Who predicts').fill('Sphagnum');
    await page.getByLabel('Which way they expect').selectOption('less');
    await page.getByLabel('By how much they expect').fill('40');
    await page.getByLabel('Why they expect it').fill('salt dries things');
    await page.getByRole('button', { name: 'Add the prediction' }).click();
    await expect(page.getByText('Sphagnum: lower by 40 percentage points, because salt dries things')).toBeVisible();
    await page.getByRole('button', { name: 'Plan the test' }).click();
  });

  test('plan', async () => {
    await page.getByLabel('Name of group X').fill('Salt water');
    await page.getByLabel('Units per group').fill('2');
    await expect(page.getByText('shuffling alone would give that in 1 of 3 shuffles')).toBeVisible();
    await page.getByLabel('Units per group').fill('4');
    // One deal in 35 has each group on its own side, and is said to be no fair test: then it is shuffled again.
    await expect(async () => {
      if (await page.getByText('Each group is on its own side.').isVisible())
        await page.getByRole('main').getByRole('button', { name: 'Shuffle the dishes' }).click();
      await expect(page.getByText('Nothing serious stands against it.')).toBeVisible({ timeout: 3000 });
    }).toPass();
    await page.getByLabel('Sown in each unit').fill('20');
    await page.getByRole('button', { name: 'Take away First sprout' }).click();
    await page.getByRole('main').getByRole('button', { name: 'Shuffle the dishes' }).click();
    await expect(page.getByText('✓ Saved')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Units per group')).toHaveValue('4');
    await page.getByRole('button', { name: 'Start the experiment' }).click();
    await page.getByLabel('Day 0', { exact: true }).fill(daysAgo(7));
    await page.getByRole('button', { name: 'Start and freeze the plan' }).click();
    await page.getByRole('link', { name: 'Put out', exact: true }).click();
    await expect(page.getByRole('heading', { name: '8 of 8 dishes to put out' })).toBeVisible();
  });

  test('log: the walk of day 7, unit after unit in bench order', async () => {
    const left = { 'plain water': [...counts['plain water']], 'Salt water': [...counts['Salt water']] };
    const armOf = new Map<string, keyof typeof left>();
    for (const label of await page
      .locator('[data-unit]')
      .evaluateAll((units) => units.map((unit) => unit.getAttribute('aria-label') ?? ''))) {
      armOf.set(label.split(',')[0], label.includes('Salt water') ? 'Salt water' : 'plain water');
    }
    expect([...armOf.values()].filter((arm) => arm === 'Salt water')).toHaveLength(4);
    await page.goto(PLAIN);
    await expect(page.getByText('Count normal sprouts in 8 dishes').first()).toBeVisible();
    await page.getByRole('button', { name: 'Start the walk' }).click();
    const unit = page.getByTestId('unit');
    for (let i = 1; i <= 8; i++) {
      await expect(unit).toHaveText(`D0${i}`);
      const value = left[armOf.get(`D0${i}`) ?? 'plain water'].shift();
      if (i === 1) {
        await page.keyboard.type('21');
        await page.keyboard.press('Enter');
        await expect(page.getByText('21 is more than the 20 sown in D01')).toBeVisible();
        await page.getByRole('textbox', { name: 'How many: normal sprouts?' }).fill('');
      }
      await page.keyboard.type(String(value));
      await page.keyboard.press('Enter');
    }
    await expect(page.getByRole('heading', { name: 'All dishes are read' })).toBeVisible();
    await page.getByRole('link', { name: 'Weigh up' }).first().click();
  });

  test('weigh up: the figures worked out by hand', async () => {
    await expect(page.getByTestId('verdict')).toHaveText('supported');
    await expect(page.getByTestId('sentence')).toContainText(
      '40 percentage points lower with Salt water than with plain water. That is big enough to matter. The 95% confidence interval is 26 to 52 lower.',
    );
    // Welch’s 29 to 51 is narrower than 80 seeds an arm allow: Newcombe’s over all of them is 26 to 52.
    const row = page.getByRole('row', { name: /^Salt water against plain water −40/ });
    await expect(row).toContainText('−52 to −26');
    // All four of one arm beat all four of the other: 2 of the 70 ways to deal the labels.
    await expect(row).toContainText('about 29 of 1,000');
    await page.getByText('For a course report').click();
    await expect(page.getByRole('row', { name: /^Salt water −40/ })).toContainText('0.029');
    await expect(page.getByText('in about 29 of 1,000 shuffles')).toBeVisible();
    await expect(
      page.getByText(
        'Said lower with Salt water, and that’s what happened: 40 percentage points lower. A difference of 40 percentage points agrees with the data',
      ),
    ).toBeVisible();
    await expect(page.getByRole('heading', { name: '1 of 1 predicted a size that agrees with the data' })).toBeVisible();
  });

  test('write up, and take it away', async () => {
    await page.getByRole('link', { name: /^Write up/ }).click();
    const words = 'We think that salt *pulls* water out of the seed.\n\nNext we would try 10 mM.';
    await page.getByRole('textbox', { name: 'Discussion, in your own words' }).fill(words);
    await expect(page.getByText('✓ Saved')).toBeVisible();
    const report = readFileSync(await download(page, 'Markdown', 'button'), 'utf8');
    expect(report).toContain('# Salt on radish');
    expect(report).toContain(
      'Null hypothesis: For radish, the number of normal sprouts on day 7 will be the same with Salt water as with plain water.',
    );
    expect(report).toContain('We think that salt \\*pulls\\* water out of the seed.\n\nNext we would try 10 mM.');
    expect(report).toContain('40 percentage points lower with Salt water than with plain water');
    expect(report).toMatch(/\| Salt water \| −40 \| −52 to −26 \|/);
    expect(report).toContain('What could have fooled us');

    const zip = `${await download(page, 'Data', 'link')}.zip`;
    copyFileSync(zip.slice(0, -4), zip);
    const out = execFileSync('node', ['server/dist/fern.js', 'analyse', zip, '--json'], { encoding: 'utf8' });
    // What the page worked out and what the command line works out are the same text, to the last digit.
    expect(readFileSync(await download(page, 'Result', 'button'), 'utf8')).toBe(out);
    const [measure] = (JSON.parse(out) as Result).measures;
    expect(measure.comparisons[0].difference.value).toBeCloseTo(-0.4, 12);
    expect(measure.tests.find(({ method }) => method === 'welch-t')?.ci95?.[0]).toBeCloseTo(-0.5116857, 7);
    expect(measure.comparisons[0].difference.ci95?.[0]).toBeLessThan(-0.5116857);
    expect(measure.comparisons[0].p).toBe(2 / 70);
    await page.getByRole('link', { name: /^Weigh up/ }).click();
    await expect(page.getByTestId('sentence')).toHaveText(measure.verdict.sentence);
  });
});
