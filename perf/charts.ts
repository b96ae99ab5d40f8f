import { writePackage, zipPackage } from '@fern/core';
import { framesDuring } from './frames';
import { large } from './large';
import { reportRatio } from './table';
import { enteredPage, withServer } from './withServer';

/** The pictures of 400 units while the mouse goes over them and while the names are dealt, against the same page left alone. */
export const charts = () =>
  withServer(async (browser) => {
    const page = await enteredPage(browser);
    const study = large(3);
    const made = await page.request.post('/api/packages', {
      data: Buffer.from(zipPackage(writePackage({ ...study, experiment: { ...study.experiment, endedOn: '2024-01-20' } }))),
      headers: { 'x-fern-test': '2', 'content-type': 'application/zip' },
    });
    if (!made.ok()) throw new Error(await made.text());
    const { id } = (await made.json()) as { id: string };
    await page.goto(`/experiments/${id}/weigh`);
    const picture = page.locator('canvas').first();
    await picture.waitFor({ timeout: 120_000 });
    await page.waitForLoadState('networkidle');
    const still = await framesDuring(page, () => page.waitForTimeout(2000));
    const told = (what: string, frames: number) =>
      reportRatio(`400 units: frames a second, ${what} (${frames.toFixed(0)}) against left alone (${still.toFixed(0)})`, frames / still, {
        least: 0.83,
      });
    const box = await picture.boundingBox();
    if (!box) throw new Error('the picture is not drawn');
    told(
      'the mouse over the dots',
      await framesDuring(page, async () => {
        for (let i = 0; i < 6; i++)
          await page.mouse.move(box.x + box.width * (i % 2 ? 0.9 : 0.1), box.y + (box.height * (i + 1)) / 8, { steps: 40 });
      }),
    );
    await page.getByRole('button', { name: 'The shuffle', exact: true }).click();
    await page.getByRole('button', { name: 'Deal the names' }).click();
    told('the names dealt', await framesDuring(page, () => page.waitForTimeout(4000)));
  });
