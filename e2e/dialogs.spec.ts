import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { copyOf } from './copy';

const press = (name: RegExp) => async (page: Page) => page.getByRole('button', { name }).first().click();
const onUnit =
  (name: RegExp) =>
  async (page: Page): Promise<void> => {
    await page
      .getByRole('group', { name: /^The bench/ })
      .getByRole('button')
      .first()
      .press('Enter');
    await page.getByRole('dialog').getByRole('button', { name }).click();
  };

/** Where each dialog opens, by what, its title, and what of it has the focus first. */
const dialogs: readonly { at: string; title: RegExp; open: (page: Page) => Promise<void>; first: RegExp }[] = [
  { at: 'log', title: /^Keys$/, open: (page) => page.keyboard.press('?'), first: /^DIV/ },
  {
    at: 'log',
    title: /^What about/,
    open: async (page) =>
      page
        .getByRole('group', { name: /^The bench/ })
        .getByRole('button')
        .first()
        .press('Enter'),
    first: /^BUTTON/,
  },
  { at: 'log', title: /^What happened to/, open: onUnit(/lost/), first: /^INPUT What happened/ },
  { at: 'log', title: /^Water, feed/, open: onUnit(/^Water/), first: /^(SELECT|INPUT) What was given/ },
  { at: 'log', title: /^A photo$/, open: onUnit(/^Photograph/), first: /^INPUT/ },
  { at: 'log', title: /^What went wrong/, open: press(/^Write down what went wrong/), first: /^(SELECT|INPUT) What kind/ },
  { at: 'log?write=lost', title: /^What was lost/, open: async () => undefined, first: /^(SELECT|INPUT) Which/ },
  { at: 'log', title: /^An extra walk/, open: press(/extra walk/i), first: /^(SELECT|INPUT) What is read/ },
  { at: 'log', title: /^Readings from a spreadsheet/, open: press(/^Import a table/), first: /^INPUT/ },

  { at: 'ask', title: /^Delete this experiment/, open: press(/^Delete this experiment/), first: /^BUTTON/ },
];

/** So that no test is long. */
const AT_ONCE = 2;

for (const { width, height, tag } of [
  { width: 1280, height: 800, tag: '@all' },
  { width: 390, height: 844, tag: [] },
])
  for (let from = 0; from < dialogs.length; from += AT_ONCE)
    test(
      `dialogs from ${from + 1} on open on their first field, are clean for axe and close on Escape, at ${width} × ${height}`,
      { tag: from === 0 ? tag : '@all' },
      async ({ page }) => {
        await page.setViewportSize({ width, height });
        // So that nothing is looked at half drawn.
        await page.emulateMedia({ reducedMotion: 'reduce' });
        const { id } = await copyOf(page, 'Salt water');
        for (const { at, title, open, first } of dialogs.slice(from, from + AT_ONCE)) {
          await page.goto(`/experiments/${id}/${at}`);
          await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
          await open(page);
          const dialog = page.getByRole('dialog', { name: title });
          await expect(dialog).toBeVisible();
          const focus = () =>
            page.evaluate(() => {
              const own = document.activeElement;
              return own?.closest('.ant-modal-root') ? `${own.tagName} ${own.getAttribute('aria-label') ?? ''}` : 'outside';
            });
          await expect.poll(focus, String(title)).toMatch(first);
          const { violations } = await new AxeBuilder({ page }).include('.ant-modal-root').analyze();
          expect(violations.map(({ id: rule, nodes }) => `${title.source} ${rule} ${nodes[0].html.slice(0, 160)}`)).toEqual([]);
          expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
          await page.keyboard.press('Escape');
          await expect(dialog).toBeHidden();
        }
      },
    );
