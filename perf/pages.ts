import type { Browser, Page } from '@playwright/test';
import { zipPackage, writePackage } from '@fern/core';
import { large } from './large';
import type { Size } from './Size';
import { reportRatio } from './table';
import { BASE, enteredPage, withServer } from './withServer';

const KB = 1024;

interface Bytes {
  page: number;
  data: number;
  worker: number;
  charts: number;
}

/** Bytes on the wire until the page is quiet, by the browser's own count; workers and the chart library, which come later, are counted apart. */
async function wire(page: Page, work: () => Promise<unknown>): Promise<Bytes> {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  const kinds = new Map<string, keyof Bytes>();
  const bytes = { page: 0, data: 0, worker: 0, charts: 0 };
  session.on('Network.responseReceived', ({ requestId, response }) => {
    kinds.set(
      requestId,
      response.url.includes('/api/')
        ? 'data'
        : response.url.includes('.worker')
          ? 'worker'
          : response.url.includes('ChartCanvas')
            ? 'charts'
            : 'page',
    );
  });
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    bytes[kinds.get(requestId) ?? 'page'] += encodedDataLength;
  });
  await work();
  await page.waitForLoadState('networkidle');
  await session.detach();
  return bytes;
}

async function firstLoads(browser: Browser): Promise<void> {
  const door = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: BASE, serviceWorkers: 'block' });
  const first = await wire(door, () => door.goto('/door'));
  reportRatio('the door with its fonts, kB on the wire', first.page / KB, { most: 230 });
  await door.close();
}

async function furtherPages(browser: Browser): Promise<void> {
  const page = await enteredPage(browser, 'Fennick');
  const first = page.getByRole('link', { name: 'Banana-peel water and marigolds' });
  await page.waitForLoadState('networkidle');
  const log = await wire(page, async () => {
    await first.click();
    await page.waitForURL(/log$/);
  });
  reportRatio('an experiment’s first page after Today, kB on the wire', log.page / KB, { most: 60 });
  for (const [name, address] of [
    ['Ask', 'ask'],
    ['Plan', 'plan'],
    ['Prepare', 'prepare'],
    ['Weigh up', 'weigh'],
    ['Write up', 'write'],
  ] as const) {
    const further = await wire(page, async () => {
      await page
        .getByRole('navigation', { name: 'The six steps' })
        .getByRole('link', { name: new RegExp(`^${name}`) })
        .click();
      await page.waitForURL(new RegExp(`/${address}$`));
      await page.getByRole('main').getByRole('heading', { level: 1 }).waitFor();
    });
    reportRatio(`${name}, kB on the wire beyond the pages before it`, further.page / KB, { most: 60 });
    if (further.charts > 0) reportRatio('the chart library, once, kB on the wire', further.charts / KB, { most: 60 });
    if (further.worker > 0) reportRatio(`${name}, its worker, kB on the wire`, further.worker / KB, { most: 88 });
  }
  await page.close();
}

/** Longest time for which the page answered nothing, ms, since the last look. */
const longest = (page: Page) => page.evaluate<number>('Math.max(0, ...window.blocked.splice(0))');

async function bigStudy(browser: Browser, readings: number): Promise<void> {
  const page = await enteredPage(browser);
  await page.addInitScript(`window.blocked = []; window.made = 0;
    new PerformanceObserver((list) => window.blocked.push(...list.getEntries().map((entry) => entry.duration))).observe({ type: 'longtask', buffered: true });
    const Own = window.Worker; window.Worker = class extends Own { constructor(...args) { super(...args); window.made++; } };`);
  const study = large(readings / 400);
  const made = await page.request.post('/api/packages', {
    data: Buffer.from(zipPackage(writePackage(study))),
    headers: { 'x-fern-test': '2', 'content-type': 'application/zip' },
  });
  if (!made.ok()) throw new Error(await made.text());
  const { id } = (await made.json()) as { id: string };
  for (const [name, path] of [
    ['Log', 'log'],
    ['a walk', 'log/walk/2'],
    ['Write up', 'write'],
  ] as const) {
    const bytes = await wire(page, async () => {
      await page.goto(`/experiments/${id}/${path}`);
      await page.getByRole('main').getByRole('heading', { level: 1 }).waitFor();
    });
    reportRatio(`${study.observations.length} readings, ${name}: MB of data on the wire`, bytes.data / KB / KB, { most: 3 });
    reportRatio(`${study.observations.length} readings, ${name}: longest stop of the page, ms, over 200`, (await longest(page)) / 200, {
      most: 1,
    });
  }
  const workers = () => page.evaluate<number>('window.made');
  const own = page.getByRole('textbox', { name: /in your own words/ }).first();
  await own.waitFor({ timeout: 180_000 });
  const before = await workers();
  await longest(page);
  await own.pressSequentially('As typed, letter by letter.', { delay: 30 });
  reportRatio('typing in its report: results worked out', (await workers()) - before, { most: 0 });
  reportRatio('typing in its report: longest stop of the page, ms, over 200', (await longest(page)) / 200, { most: 1 });
  await page.close();
}

/** Bytes and stops of pages, of the demo and of a large study. */
export const pageBytes = ({ readings }: Size) =>
  withServer(async (browser) => {
    await firstLoads(browser);
    await furtherPages(browser);
    await bigStudy(browser, readings);
  });
