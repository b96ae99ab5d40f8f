import type { Page } from '@playwright/test';

/** Frames a second that the page draws while `work` goes on. */
export async function framesDuring(page: Page, work: () => Promise<void>): Promise<number> {
  // As text: the loader of this script would put a helper of its own into a function.
  await page.evaluate(`window.counter = { frames: 0, from: performance.now(), on: true };
    (function tick() { window.counter.frames++; if (window.counter.on) requestAnimationFrame(tick); })()`);
  await work();
  return page.evaluate<number>(`window.counter.on = false; (1000 * window.counter.frames) / (performance.now() - window.counter.from)`);
}
