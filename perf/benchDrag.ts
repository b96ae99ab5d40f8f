import { anyHeight, experimentFrom, redesign } from '@fern/core';
import { framesDuring } from './frames';
import { reportRatio } from './table';
import { enteredPage, withServer } from './withServer';

/** A unit of 400 dragged about the bench, against the same page left alone. */
export async function benchDrag(): Promise<void> {
  await withServer(async (browser) => {
    const page = await enteredPage(browser);
    const plan = redesign(experimentFrom(anyHeight, { created: '2026-04-01', startOn: '2026-04-01', seed: 1 }), {
      unitsPerArm: 200,
      columns: 25,
      seed: 2,
    });
    const made = await page.request.post('/api/experiments', {
      data: { ...plan, plan: { ...plan.plan, spreadGuess: null } },
      headers: { 'x-fern-test': '2' },
    });
    const { id } = (await made.json()) as { id: string };
    await page.goto(`/experiments/${id}/plan`);
    const unit = page.locator('[data-unit="P030"]');
    await unit.scrollIntoViewIfNeeded();
    const box = await unit.boundingBox();
    if (!box) throw new Error('the bench is not drawn');
    const still = await framesDuring(page, () => page.waitForTimeout(2000));
    await page.mouse.move(box.x + 10, box.y + 14);
    await page.mouse.down();
    const moving = await framesDuring(page, async () => {
      for (let i = 0; i < 6; i++) await page.mouse.move(box.x + (i % 2 ? 300 : -200), box.y + 60 * (i % 3), { steps: 40 });
    });
    const ghosts = await page.locator('.ghost').count();
    await page.mouse.up();
    if (ghosts === 0) throw new Error('nothing was dragged');
    reportRatio(
      `400 units: frames a second while dragging (${moving.toFixed(0)}) against standing still (${still.toFixed(0)})`,
      moving / still,
      {
        least: 0.83,
      },
    );
  });
}
