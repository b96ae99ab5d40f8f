import { expect, test, type Page } from '@playwright/test';
import { enterDemo, openStep } from './enter';
import { here, portOf } from './ports';

async function begin(page: Page, question: string): Promise<string> {
  await enterDemo(page, 'Moor Lane allotment');
  await page.goto('/ask');
  await page.getByRole('button', { name: `Use this question: ${question}` }).click();
  await page.getByRole('button', { name: 'Plan the test' }).click();
  await expect(page.getByRole('heading', { name: 'Is it a fair test?' })).toBeVisible();
  return /experiments\/([^/]+)/.exec(page.url())?.[1] ?? '';
}
const saved = (page: Page) => expect(page.getByText('✓ Saved')).toBeVisible();

test('a claim is taken apart, asked about, and becomes a draft', async ({ page }) => {
  await enterDemo(page, 'Moor Lane allotment');
  await page.goto('/ask');
  await page.getByLabel('The claim').fill('Honey makes sage cuttings root better, twice as fast.');
  await page.getByRole('button', { name: 'Take it apart' }).click();
  await expect(page.getByLabel('Plant', { exact: true })).toHaveValue('sage');
  await expect(page.getByLabel('What is done')).toHaveValue('Honey');
  await expect(page.getByLabel('What is measured')).toHaveValue('rooted');
  await expect(page.getByText('“better” cannot be measured as it stands.')).toBeVisible();
  await expect(page.getByText('It gives a size: twice as fast.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Make it a test' })).toBeDisabled();
  await page.getByLabel('Compared with').fill('plain water');
  await page.getByRole('button', { name: 'Make it a test' }).click();
  await expect(page.getByLabel('Hypothesis: what you expect')).toHaveValue(
    'For sage, there will be more rooted cuttings on day 28 with honey than with plain water (the claim: 2 times as much).',
  );
  await page.getByRole('button', { name: 'Plan the test' }).click();
  await expect(page.getByText('Nothing serious stands against it.')).toBeVisible();
});

test('a finding’s button mends the plan, and undo takes it back', async ({ page }) => {
  await begin(page, 'Does X change height?');
  await page.getByLabel('Units per group').fill('3');
  // How many are enough is said in one place, by the design played through; its button lays them out.
  await expect(page.getByText('“What could this show?” says how many are enough.')).toBeVisible();
  const more = page.getByRole('button', { name: /^Use \d+ pots per group$/ });
  await expect(more).toHaveCount(1, { timeout: 40_000 });
  const wanted = /\d+/.exec((await more.textContent()) ?? '')?.[0] ?? '';
  await more.click();
  await expect(page.getByText('No result could convince.')).toHaveCount(0);
  await expect(page.getByLabel('Units per group')).toHaveValue(wanted);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByLabel('Units per group')).toHaveValue('3');
});

test('a soak for one arm only is mended by the same soak in plain water; one tank an arm is told', { tag: '@all' }, async ({ page }) => {
  await begin(page, 'Does X change sprouting?');
  await page.getByRole('button', { name: 'Add a step' }).click();
  await page.getByLabel('How long step 1 lasts').fill('6 h');
  await expect(page.getByText('The control doesn’t get “soak” for 6 h')).toBeVisible();
  await page.getByRole('button', { name: 'Give the control plain water too' }).click();
  await expect(page.getByLabel('Step 2', { exact: true })).toHaveValue('soak, in plain water');
  await expect(page.getByText('The control doesn’t get')).toHaveCount(0);
  await page.getByLabel('What units share').selectOption('arm');
  await page.getByLabel('What is shared').fill('tank');
  await page.getByLabel('What is shared').blur();
  await expect(page.getByText('Plain water and X each have one tank to themselves: tank C and tank X.')).toBeVisible();
  await page.getByRole('button', { name: 'Give each dish its own' }).click();
  await expect(page.getByText('Nothing serious stands against it.')).toBeVisible();
});

test('what could this show: worked out in a worker, told, and stopped', async ({ page }) => {
  test.slow();
  await begin(page, 'Does X change sprouting?');
  await expect(page.getByTestId('power')).toContainText(/With 6 dishes per group you would notice a difference of 20 percentage points/);
  // Some two thousand experiments are simulated on the way.
  await expect(page.getByRole('button', { name: 'Simulate again' })).toBeVisible({ timeout: 40_000 });
  await expect(page.getByTestId('power')).toContainText(/would do|8 times in 10/);
  await page.getByRole('button', { name: 'Simulate again' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: /Simulate/ })).toBeVisible();

  // Too few: what would do is a button, and pressing it lays them out.
  await page.getByLabel('Units per group').fill('4');
  const more = page.getByTestId('power').getByRole('button', { name: /^Use \d+ dishes per group$/ });
  const wanted = (await more.textContent({ timeout: 60_000 }))?.replace(/\D/g, '') ?? '';
  await more.click();
  await expect(page.getByLabel('Units per group')).toHaveValue(wanted);
  await expect(page.getByTestId('power')).toContainText(`With ${wanted} dishes per group`);
});

test('two crossed factors make their own arms', { tag: '@all' }, async ({ page }) => {
  await begin(page, 'Does X change height?');
  await page.getByText('Vary two things at once').click();
  await page.getByLabel('First factor', { exact: true }).fill('mulch');
  await page.getByLabel('Settings of the first factor').fill('none, deep');
  await page.getByLabel('Second factor', { exact: true }).fill('pot');
  await page.getByLabel('Settings of the second factor').fill('clay, felt, plastic');
  await page.getByRole('button', { name: 'Make a group of each combination' }).click();
  await expect(page.getByRole('list', { name: 'Groups', exact: true }).getByLabel(/^Name of group/)).toHaveCount(6);
  await expect(page.getByRole('columnheader', { name: 'felt' })).toBeVisible();
  await saved(page);
});

test('rating steps are described, and barriers stand where they are put', { tag: '@all' }, async ({ page }) => {
  const id = await begin(page, 'Does X change height?');
  await page.getByLabel('Kind of Leaves').selectOption('rating');
  await page.getByLabel('Ready-made steps for Leaves').selectOption('leafCurl');
  await page.getByLabel('Step 3 of Leaves').fill('cupped');
  await page.getByText('The bench: size, kinds of place, light, sides, barriers').click();
  await page.getByLabel('drips').check();
  await page.getByRole('button', { name: 'Put barriers between the groups' }).click();
  await expect(page.getByText('Drips can spread from one pot')).toHaveCount(0);
  await saved(page);
  const { experiment } = (await (await page.request.get(`/api/experiments/${id}`)).json()) as {
    experiment: { plan: { barriers: unknown[] }; measures: { rubric: { words: string }[] }[] };
  };
  expect(experiment.plan.barriers.length).toBeGreaterThan(0);
  expect(experiment.measures[1].rubric.map((step) => step.words)).toEqual(['flat', 'edges turn', 'half rolled', 'cupped']);
});

test('a started plan changes only by an amendment, and the report shows it', async ({ page }) => {
  await enterDemo(page);
  await openStep(page, 'Coloured film over basil', 'Plan');
  await expect(page.getByLabel('Name of group R')).toBeDisabled();
  await page.getByRole('button', { name: 'Amend the plan' }).click();
  await page.getByLabel('Name of group R').fill('deep red film');
  await expect(page.getByRole('button', { name: 'Save the amendment' })).toBeDisabled();
  await page.getByLabel('What you change').fill('name of the red arm');
  await page.getByLabel('Why you change it').fill('there were two reds in the box');
  await page.getByRole('button', { name: 'Save the amendment' }).click();
  await expect(page.getByText('name of the red arm, because there were two reds in the box')).toBeVisible();
  await saved(page);
  await page.getByRole('link', { name: /^Write up/ }).click();
  await expect(page.getByText('name of the red arm (there were two reds in the box)')).toBeVisible();
});

test('the bench by touch', { tag: '@all' }, async ({ browser }) => {
  const context = await browser.newContext({
    hasTouch: true,
    viewport: { width: 1280, height: 800 },
    baseURL: `http://127.0.0.1:${portOf('demo', here())}`,
  });
  const page = await context.newPage();
  await begin(page, 'Does X change height?');
  const box = async (unit: string) => (await page.locator(`[data-unit="${unit}"]`).boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  const middle = ({ x, y, width, height }: { x: number; y: number; width: number; height: number }) => ({
    x: x + width / 2,
    y: y + height / 2,
  });
  await page.locator('[data-unit="P02"]').scrollIntoViewIfNeeded();
  const [from, to] = [middle(await box('P02')), middle(await box('P05'))];
  const session = await context.newCDPSession(page);
  await session.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [from] });
  for (let step = 1; step <= 6; step++)
    await session.send('Input.dispatchTouchEvent', {
      type: 'touchMove',
      touchPoints: [{ x: from.x + ((to.x - from.x) * step) / 6, y: from.y }],
    });
  await session.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await expect(page.locator('[data-unit="P02"]')).toHaveAttribute('aria-label', /row 1, place 5/);
  await context.close();
});

test('after back and forward the plan is as it was left', async ({ page }) => {
  await begin(page, 'Does X change height?');
  await page.getByLabel('Name of group X').fill('With banana tea');
  await page.getByRole('link', { name: /^Prepare/ }).click();
  await expect(page.getByRole('navigation', { name: 'Prepare' })).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel('Name of group X')).toHaveValue('With banana tea');
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Name of group X')).toHaveValue('With banana tea');
});
