import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Locator, type Page } from '@playwright/test';
import type { Study } from '@fern/core';
import { copyOf } from './copy';

/** A picture as a camera might give it, larger than is kept. */
async function picture(page: Page): Promise<Buffer> {
  const url = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 2400, height: 1800 });
    const pen = canvas.getContext('2d');
    if (pen) pen.fillStyle = '#5f9a45';
    pen?.fillRect(0, 0, 2400, 1800);
    return canvas.toDataURL('image/png');
  });
  return Buffer.from(url.split(',')[1], 'base64');
}

test.describe.serial('a photo is taken, looked at, put into the report and the package, and removed for good', () => {
  let page: Page;
  let dialog: Locator;
  let file: Locator;
  let id = '';
  let study: () => Promise<Study>;
  let before = 0;
  test.beforeAll(async ({ browser }) => {
    page = await (await browser.newContext()).newPage();
    ({ id, study } = await copyOf(page, 'Coloured film'));
    await page.goto(`/experiments/${id}/log`);
    before = (await study()).photos.length;
    dialog = page.getByRole('dialog');
    file = dialog.getByLabel('Choose a file');
  });
  test.afterAll(() => page.context().close());

  test('what is no photo is refused in words', async () => {
    await page.getByRole('button', { name: 'Add a photo' }).click();
    await file.setInputFiles({ name: 'page.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('<script>alert(1)</script>') });
    await expect(dialog.getByRole('alert')).toContainText('page.jpg cannot be opened as a photo');
  });

  test('a photo of one pot is kept, smaller, with its words', async () => {
    await file.setInputFiles({ name: 'leaf.png', mimeType: 'image/png', buffer: await picture(page) });
    await expect(dialog.getByRole('img', { name: 'The photo that was chosen' })).toBeVisible();
    await expect(dialog.getByRole('alert')).toHaveCount(0);
    await dialog.getByLabel('What it shows').selectOption('units');
    await dialog.getByLabel('Their codes').fill('P05');
    await dialog.getByLabel('Caption').fill('tallest of all');
    await dialog.getByRole('button', { name: 'Keep the photo' }).click();
    await expect.poll(async () => (await study()).photos.length).toBe(before + 1);
    expect((await study()).photos.at(-1)).toMatchObject({ units: ['P05'], note: 'tallest of all', width: 1600, height: 1200 });
  });

  test('the arms of a day stand side by side, and nothing serious is wrong for a screen reader', async () => {
    await page.getByRole('link', { name: /side by side/ }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('1 photo');
    await page.getByRole('button', { name: 'Earlier' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('3 photos');
    for (const arm of ['clear film', 'red film', 'blue film'])
      await expect(page.getByRole('region', { name: arm }).getByRole('img')).toHaveCount(1);
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([]);
  });

  test('one pot stands day after day', async () => {
    await page.getByText('day after day').click();
    await page.getByLabel('Which pot').selectOption('P05');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('How P05 grew');
    await page.getByRole('checkbox', { name: 'in the report' }).check();
    await expect(page.getByText('Saved', { exact: false }).first()).toBeVisible();
  });

  test('it stands in the report, with its words', async () => {
    await page.goto(`/experiments/${id}/write`);
    const shown = page.getByRole('img', { name: /tallest of all \(P05,/ });
    await expect(shown).toBeVisible();
    expect(await shown.evaluate((img: HTMLImageElement) => img.decode().then(() => img.naturalWidth))).toBe(1600);
  });

  test('the package reads back with every picture', async () => {
    const zip = await (await page.request.get(`/api/experiments/${id}/package`)).body();
    const headers = { 'x-fern-test': '2', 'content-type': 'application/zip' };
    const again = (await (await page.request.post('/api/packages', { data: zip, headers })).json()) as { id: string };
    expect(await (await page.request.get(`/api/experiments/${again.id}/package`)).body()).toEqual(zip);
  });

  test('withdrawn and removed, it is nowhere', async () => {
    const { file: name } = (await study()).photos.at(-1) ?? { file: '' };
    await page.goto(`/experiments/${id}/log/photos?unit=P05`);
    await page.getByRole('button', { name: 'Mend' }).click();
    await dialog.getByRole('checkbox', { name: /remove the picture for good/ }).check();
    await dialog.getByRole('button', { name: 'Withdraw and remove it' }).click();
    await expect(dialog).toBeHidden();
    expect((await page.request.get(`/api/experiments/${id}/photos/${name}`)).status()).toBe(404);
    await page.goto(`/experiments/${id}/write`);
    await expect(page.getByRole('heading', { name: 'Discussion' })).toBeVisible();
    await expect(page.getByRole('img', { name: /tallest of all/ })).toHaveCount(0);
  });
});
