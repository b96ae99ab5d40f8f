import { createServer } from 'node:http';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Browser, CDPSession, Page } from '@playwright/test';
import { build } from 'vite';
import { reportRatio } from './table';
import { BASE, withServer } from './withServer';

const MINIMAL_PORT = 4398;
const PROCESSOR = 6;
const NETWORK = { offline: false, latency: 150, downloadThroughput: (1.6 * 1024 * 1024) / 8, uploadThroughput: (0.75 * 1024 * 1024) / 8 };

/** The least page of the same library: one button, and nothing else. */
async function minimalPage(): Promise<{ stop: () => void }> {
  const folder = mkdtempSync(join(import.meta.dirname, '..', 'web', 'minimal-'));
  writeFileSync(join(folder, 'index.html'), '<!doctype html><div id="app"></div><script type="module" src="./main.js"></script>');
  writeFileSync(
    join(folder, 'main.js'),
    `import { Button } from 'ant-design-vue'; import { createApp, h } from 'vue'; createApp(() => h(Button, { type: 'primary' }, () => 'Press')).mount('#app');`,
  );
  await build({ root: folder, configFile: false, logLevel: 'error', build: { outDir: 'out' } });
  const server = createServer(({ url = '/' }, response) => {
    const path = url === '/' ? 'index.html' : url.slice(1);
    try {
      const types: Readonly<Record<string, string>> = { html: 'text/html', js: 'text/javascript' };
      response.setHeader('content-type', types[path.split('.').at(-1) ?? ''] ?? 'text/plain');
      response.end(readFileSync(join(folder, 'out', path)));
    } catch {
      response.writeHead(404).end();
    }
  }).listen(MINIMAL_PORT);
  return {
    stop: () => {
      server.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** A slow machine behind a slow line, with nothing cached. */
async function slowly(page: Page): Promise<CDPSession> {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.emulateNetworkConditions', NETWORK);
  await session.send('Emulation.setCPUThrottlingRate', { rate: PROCESSOR });
  return session;
}

/** Seconds until something on a page can be seen and pressed, where nothing is kept from a visit before. */
async function usable(page: Page, session: CDPSession, url: string, ready: (page: Page) => Promise<void>): Promise<number> {
  await page.goto('about:blank');
  await session.send('Network.clearBrowserCache');
  const from = performance.now();
  await page.goto(url, { waitUntil: 'commit' });
  await ready(page);
  return (performance.now() - from) / 1000;
}
const button =
  (name: RegExp) =>
  async (page: Page): Promise<void> =>
    page.getByRole('button', { name }).first().waitFor({ timeout: 120_000 });
const head =
  (words: RegExp) =>
  async (page: Page): Promise<void> =>
    page.getByRole('heading', { level: 1, name: words }).waitFor({ timeout: 120_000 });

async function slowPages(browser: Browser): Promise<void> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: BASE, serviceWorkers: 'block' });
  const page = await context.newPage();
  const session = await slowly(page);
  const minimal = await usable(page, session, `http://127.0.0.1:${MINIMAL_PORT}/`, button(/Press/));
  const told = (name: string, seconds: number, most: number) =>
    reportRatio(
      `${name}, ${PROCESSOR} times slower: ${seconds.toFixed(1)} s, over the least page (${minimal.toFixed(1)} s)`,
      seconds / minimal,
      {
        most,
      },
    );
  told('the door', await usable(page, session, '/door', button(/Enter as Fennick/)), 1.5);
  await page.getByRole('button', { name: /Enter as Fennick/ }).click();
  await page.waitForURL(`${BASE}/`);
  const [first] = (await (await page.request.get('/api/experiments')).json()) as readonly { id: string }[];
  told('Today', await usable(page, session, '/', button(/Start|Count/)), 2.4);
  for (const [step, ready] of [
    ['plan', head(/Where each/)],
    ['weigh', head(/normal sprouts/)],
    [
      'write',
      (own: Page) =>
        own
          .getByRole('textbox', { name: /in your own words/ })
          .first()
          .waitFor({ timeout: 120_000 }),
    ],
  ] as const)
    told(step, await usable(page, session, `/experiments/${first.id}/${step}`, ready), 3.4);
  await page
    .getByRole('textbox', { name: /in your own words/ })
    .first()
    .click();
  await stopsWhile(page, 'typing in the report', 200, () =>
    page.keyboard.type('As typed, letter by letter, on a slow machine.', { delay: 60 }),
  );
  const draft = await page.request.get('/api/experiments');
  const willow = ((await draft.json()) as readonly { id: string; title: string }[]).find(({ title }) => title.startsWith('Willow'));
  await usable(page, session, `/experiments/${willow?.id}/plan`, head(/Where each/));
  const each = page
    .getByRole('spinbutton', { name: /^Glasses of group/ })
    .or(page.getByRole('textbox', { name: /^Glasses of group/ }))
    .first();
  await stopsWhile(page, 'changing how many units', 400, async () => {
    await each.fill('12');
    await each.press('Enter');
    await page.waitForTimeout(3000);
  });
  await context.close();
}

/** Longest time for which the page answered nothing meanwhile. */
async function stopsWhile(page: Page, what: string, most: number, work: () => Promise<void>): Promise<void> {
  await page.waitForTimeout(4000);
  await page.evaluate(`window.blocked = [];
    new PerformanceObserver((list) => window.blocked.push(...list.getEntries().map((entry) => entry.duration))).observe({ type: 'longtask' });`);
  await work();
  const longest = await page.evaluate<number>('Math.max(0, ...window.blocked)');
  reportRatio(`${what}, ${PROCESSOR} times slower: longest stop, ms, over ${most}`, longest / most, { most: 1 });
}

/** When pages can be used on a slow machine behind a slow line, against the least page of the same library. */
export async function slow(): Promise<void> {
  const minimal = await minimalPage();
  try {
    await withServer(slowPages);
  } finally {
    minimal.stop();
  }
}
