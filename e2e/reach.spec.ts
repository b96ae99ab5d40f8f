import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { anyHeight, experimentFrom } from '@fern/core';
import { copyOf, OTHER } from './copy';
import { signIn } from './enter';

const steps = ['ask', 'plan', 'prepare', 'log', 'weigh', 'write'] as const;
const beside = ['prepare/kit', 'prepare/labels', 'prepare/wall', 'prepare/put-out', 'prepare/calculators', 'log/photos'] as const;
const alone = ['/', '/ask', '/account', '/calculators', '/nowhere'] as const;

/** Presses Tab until what has the focus is called so. */
async function tabTo(page: Page, name: RegExp, most = 60): Promise<void> {
  for (let i = 0; i < most; i++) {
    await page.keyboard.press('Tab');
    const said = await page.evaluate(() => {
      const here = document.activeElement;
      // The page as a whole holds every word: it has the focus until the first Tab gets somewhere.
      if (here === null || here === document.body) return '';
      return `${here.getAttribute('aria-label') ?? ''} ${here.textContent ?? ''} ${here.getAttribute('placeholder') ?? ''}`.trim();
    });
    if (name.test(said)) return;
  }
  throw new Error(`${name.source} is not reached by Tab`);
}
const heading = (page: Page) => page.getByRole('heading', { level: 1 });

test('from the door to the report with the keyboard alone', async ({ page }) => {
  await page.goto('/door');
  await tabTo(page, /Enter as Fennick/);
  await page.keyboard.press('Enter');
  await expect(heading(page)).toBeFocused();
  await expect(page).toHaveTitle('Today · Fern Test');
  await tabTo(page, /^Salt water and radish sprouting$/);
  await page.keyboard.press('Enter');
  await expect(heading(page)).toBeFocused();
  await expect(page).toHaveTitle('Log · Salt water and radish sprouting');
  await tabTo(page, /Start the walk|Fill it in/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: /normal sprouts/ })).toBeFocused();
  await page.keyboard.type('14');
  await page.keyboard.press('n');
  await expect(page.getByRole('textbox', { name: /^Note on/ })).toBeFocused();
  await page.keyboard.type('two are winding');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox', { name: /normal sprouts/ })).toHaveValue('14');
  await tabTo(page, /Leave the walk/);
  await page.keyboard.press('Enter');
  await expect(heading(page)).toBeFocused();
  await page.keyboard.press('5');
  await expect(page).toHaveTitle('Weigh up · Salt water and radish sprouting');
  await expect(heading(page)).toBeFocused();
  await page.keyboard.press('6');
  await expect(page).toHaveTitle('Write up · Salt water and radish sprouting');
  await tabTo(page, /^Discussion$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Discussion' })).toBeFocused();
});

test('a page’s files and answers are asked for before the app runs, each once, and few', { tag: '@all' }, async ({ page }) => {
  const { id } = await copyOf(page, 'Salt water');
  for (const step of steps) {
    const asked: string[] = [];
    const note = (request: { url: () => string }) => asked.push(new URL(request.url()).pathname);
    page.on('request', note);
    await page.goto(`/experiments/${id}/${step}`);
    await expect(heading(page).first()).toBeVisible();
    page.off('request', note);
    const app = asked.findIndex((path) => /assets\/index-.*\.js$/.test(path));
    const early = await page
      .locator('link[rel="modulepreload"]')
      .evaluateAll((links) => links.map((link) => new URL((link as HTMLLinkElement).href).pathname));
    expect(early.some((path) => path.includes(`/assets/${step}-`))).toBe(true);
    expect(app).toBeGreaterThanOrEqual(0);
    const times = (path: string) => asked.filter((own) => own === path).length;
    for (const path of ['/api/session', ...early]) expect([step, path, times(path)]).toEqual([step, path, 1]);
    // A page that was not in view yet asks for what it may have missed when it comes into view.
    expect([1, 2], `${step}, its study`).toContain(times(`/api/experiments/${id}/study`));
    expect(asked.filter((path) => path.endsWith('.js')).length).toBeLessThan(50);
  }
});

test(
  'the report’s own parts can be written before its numbers are there, and keep the focus when they come',
  { tag: '@all' },
  async ({ page }) => {
    const { id } = await copyOf(page, 'Salt water');
    let release = (): void => undefined;
    const held = new Promise<void>((resolve) => (release = resolve));
    await page.route(/result\.worker/, async (route) => {
      await held;
      await route.continue();
    });
    await page.goto(`/experiments/${id}/write`);
    const own = page.getByRole('textbox', { name: 'Discussion, in your own words' });
    await own.click();
    await page.keyboard.press('Control+End');
    await page.keyboard.type(' Salt draws the water');
    await expect(page.getByText('Putting the numbers in …')).toBeVisible();
    release();
    await expect(page.getByRole('heading', { name: 'What could have fooled us' })).toBeVisible();
    await expect(own).toBeFocused();
    await page.keyboard.type(' out of the seed.');
    await expect(own).toContainText('Salt draws the water out of the seed.');
  },
);

test('the bench, the trail and a line of days are one stop each; a menu and a dialog close on Escape', async ({ page }) => {
  const { id } = await copyOf(page, 'Willow tea');
  await page.goto(`/experiments/${id}/plan`);
  const bench = page.getByRole('group', { name: /^The bench/ });
  await expect(bench.locator('[tabindex="0"]')).toHaveCount(1);
  await expect(page.getByRole('navigation', { name: 'The six steps' }).locator('a:not([tabindex="-1"])')).toHaveCount(1);
  await bench.locator('[tabindex="0"]').focus();
  const first = await page.evaluate(() => document.activeElement?.getAttribute('data-unit'));
  await page.keyboard.press('ArrowRight');
  expect(await page.evaluate(() => document.activeElement?.getAttribute('data-unit'))).not.toBe(first);
  await page.keyboard.press('Enter');
  await expect(page.getByText(/is taken up and stands at row/)).toBeAttached();
  await page.keyboard.press('Tab');
  await expect(page.getByText(/is taken up and stands at row/)).toHaveCount(0);
  const menu = page.getByLabel(/^Account: signed in/);
  await menu.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Keys/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Keys/ })).toBeHidden();
  await expect(menu).toBeFocused();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await expect.poll(() => page.evaluate(() => document.activeElement?.closest('.ant-modal-root') !== null)).toBe(true);
  await page.keyboard.press('2');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeHidden();
});

test(
  'after an arm is added one is in its name, after it is taken away the focus stays near; Ctrl Z brings it back',
  { tag: '@all' },
  async ({ page }) => {
    const { id } = await copyOf(page, 'Willow tea');
    await page.goto(`/experiments/${id}/plan`);
    const arms = page.getByRole('list', { name: 'Groups' });
    const names = arms.getByRole('textbox', { name: /^Name of group/ });
    await expect(names.first()).toBeVisible();
    const before = await names.count();
    await page.getByRole('button', { name: 'Add a group' }).focus();
    await page.keyboard.press('Enter');
    await expect(names).toHaveCount(before + 1);
    await expect(names.last()).toBeFocused();
    await page.keyboard.type('a tea of birch');
    await page.keyboard.press('Tab');
    const away = arms.getByRole('button', { name: 'Remove group a tea of birch' });
    await away.focus();
    await page.keyboard.press('Enter');
    await expect(names).toHaveCount(before);
    await expect(arms.getByRole('button', { name: /^Remove group/ }).last()).toBeFocused();
    await page.keyboard.press('Control+z');
    await expect(names).toHaveCount(before + 1);
  },
);

test('the walk, by the accessibility tree alone: where one stands, what is asked, kept and doubted', async ({ page }) => {
  const { id } = await copyOf(page, 'Salt water');
  const list = (await (await page.request.get('/api/experiments')).json()) as readonly { id: string; walks: readonly { day: number }[] }[];
  const day = list.find((own) => own.id === id)?.walks[0]?.day ?? 5;
  await page.goto(`/experiments/${id}/log/walk/${day}`);
  const number = page.getByRole('textbox', { name: 'How many: normal sprouts?' });
  await expect(number).toBeFocused();
  await expect(number).toHaveAccessibleDescription(/^D\d\d .*from the left/);
  const first = (await page.getByTestId('unit').textContent()) ?? '';
  const heard = page.getByRole('status').filter({ hasText: /kept/ });
  await page.keyboard.type('19');
  await page.keyboard.press('Enter');
  const doubt = page.getByRole('alert');
  const isDoubted = await doubt.isVisible();
  if (isDoubted) await page.getByRole('button', { name: /^It is right/ }).press('Enter');
  await expect(heard).toHaveText(new RegExp(`^${first}: 19, kept\\. D\\d\\d, .*from the left\\. How many: normal sprouts\\?$`));
  await expect(number).toBeFocused();
  await page.keyboard.type('99');
  await page.keyboard.press('Enter');
  await expect(doubt).toContainText(/sown/);
  await expect(page.getByRole('button', { name: new RegExp(`^${first}, .*, read$`) })).toBeVisible();
  const here = (await page.getByTestId('unit').textContent()) ?? '';
  expect(here).not.toBe(first);
  await expect(page.getByRole('button', { name: new RegExp(`^${here}, `) })).toHaveAttribute('aria-current', 'true');
});

const beside390 = [...steps, ...beside, 'log/walk/28'];
for (const [name, width, height, rarely] of [
  ['on a phone', 390, 844, []],
  ['at 400%', 320, 256, '@all'],
] as const)
  for (const [which, own, tag] of [
    ['of its own', [], '@all'],
    ['of the first steps', beside390.slice(0, 6), rarely],
    ['beside the steps', beside390.slice(6), '@all'],
  ] as const)
    test(`${name} no page ${which} scrolls sideways`, { tag: [tag].flat() }, async ({ page }) => {
      const { id } = await copyOf(page, 'Coloured film');
      await page.setViewportSize({ width, height });
      for (const path of own.length === 0 ? alone : own.map((step) => `/experiments/${id}/${step}`)) {
        await page.goto(path);
        await expect(heading(page).first()).toBeVisible();
        await isAsWide(page, path, width);
      }
    });

test('on a phone a draft with four arms of long names does not scroll sideways', async ({ page }) => {
  await signIn(page, OTHER);
  const draft = experimentFrom(anyHeight, { created: '2026-04-01T08:00:00Z', startOn: '2026-04-01', seed: 4 });
  const many = draft.arms.flatMap((arm) => [
    arm,
    { ...arm, code: `${arm.code}2`, name: `${arm.name}, and watered twice`, role: 'treatment' },
  ]);
  const made = await page.request.post('/api/experiments', { data: { ...draft, arms: many }, headers: { 'x-fern-test': '2' } });
  const { id } = (await made.json()) as { id: string };
  await page.setViewportSize({ width: 390, height: 844 });
  for (const step of ['ask', 'plan']) {
    await page.goto(`/experiments/${id}/${step}`);
    await expect(heading(page).first()).toBeVisible();
    await isAsWide(page, step, 390);
  }
});

async function isAsWide(page: Page, path: string, width: number): Promise<void> {
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect({ path, width, wide: Math.max(wide, width) }).toEqual({ path, width, wide: width });
}

test('on paper every page keeps its judgement and loses its buttons', { tag: '@all' }, async ({ page }) => {
  const { id } = await copyOf(page, 'Salt water');
  for (const [step, judged] of [
    ['plan', 'Is it a fair test?'],
    ['weigh', 'Could this be chance?'],
    ['weigh', 'What could have fooled us'],
    ['log', 'What went wrong'],
  ]) {
    await page.emulateMedia({ media: 'screen' });
    await page.goto(`/experiments/${id}/${step}`);
    const words = page.getByRole('heading', { name: judged });
    await expect(words).toBeVisible();
    await page.emulateMedia({ media: 'print' });
    await expect(words).toBeVisible();
    await expect(page.locator('.ant-btn:visible, .link:visible')).toHaveCount(0);
  }
});

/** Looks at pages with axe and all of its rules. */
async function look(page: Page, paths: readonly string[]): Promise<void> {
  const found: string[] = [];
  for (const path of paths) {
    await page.goto(path);
    await expect(heading(page).first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    await expect(page.getByText('Weighing it up …')).toHaveCount(0);
    const { violations } = await new AxeBuilder({ page }).analyze();
    found.push(...violations.flatMap(({ id, nodes }) => nodes.map(({ html }) => `${path} ${id} ${html.slice(0, 160)}`)));
  }
  expect(found).toEqual([]);
}
/** The demo’s experiments by their order in the list. */
async function demoIds(page: Page): Promise<readonly string[]> {
  await signIn(page);
  const all = (await (await page.request.get('/api/experiments')).json()) as readonly { id: string }[];
  return all.map(({ id }) => id);
}

for (const { width, height, more, others, tag } of [
  { width: 1280, height: 800, more: beside, others: [1, 2, 3, 4, 5], tag: [] },
  { width: 390, height: 844, more: [], others: [], tag: '@all' },
])
  test.describe(`axe, with its best practice, finds nothing at ${width} × ${height}`, { tag }, () => {
    test.beforeEach(({ page }) => page.setViewportSize({ width, height }));
    test('at the door', ({ page }) => look(page, ['/door']));
    test('on pages of its own', { tag: '@all' }, async ({ page }) => {
      await signIn(page);
      await look(page, alone);
    });
    for (const own of [steps.slice(0, 3), steps.slice(3), more.slice(0, 3), more.slice(3)].filter(({ length }) => length > 0))
      test(`in ${own.join(', ')}`, { tag: more.some((step) => step === own[0]) ? '@all' : [] }, async ({ page }) => {
        const [id] = await demoIds(page);
        await look(
          page,
          own.map((step) => `/experiments/${id}/${step}`),
        );
      });
    for (const other of others)
      test(`in Plan and Weigh up of the demo’s experiment ${other + 1}`, { tag: '@all' }, async ({ page }) => {
        const id = (await demoIds(page))[other];
        await look(page, [`/experiments/${id}/plan`, `/experiments/${id}/weigh`]);
      });
  });
