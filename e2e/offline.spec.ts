import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { appendFileSync, cpSync, mkdtempSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { chromium, expect, test, type BrowserContext, type Page } from '@playwright/test';
import type { Experiment, Incident, Observation } from '@fern/core';
import { here, portOf } from './ports';

const PORT = portOf('own', here());
const BASE = `http://127.0.0.1:${PORT}`;
const folder = mkdtempSync(join(tmpdir(), 'fern-offline-'));
const person = { name: 'M. Bracken', password: 'moss and fern' };
const headers = { 'x-fern-test': '2', 'content-type': 'application/json' };
let server: ChildProcess;

/** The app as it was built, in a folder of its own, so that a newer version of it can be put there. */
function copyApp(): void {
  for (const part of ['server/dist', 'server/package.json', 'web/dist']) cpSync(part, join(folder, part), { recursive: true });
  for (const packages of ['node_modules', 'server/node_modules']) symlinkSync(resolve(packages), join(folder, packages));
}

/** A server of its own, so that there can be none: to a browser that is what no network is. */
async function startServer(): Promise<void> {
  server = spawn(process.execPath, [join(folder, 'server/dist/start.js')], {
    env: { ...process.env, PORT: String(PORT), FERN_DEMO: '', FERN_DATABASE: join(folder, 'data.sqlite') },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await once(server.stdout as NodeJS.ReadableStream, 'data');
}
async function stopServer(): Promise<void> {
  if (server.exitCode !== null) return;
  server.kill();
  await once(server, 'exit');
}

/** The same browser with what it keeps, opened again. */
async function openBrowser(launchOptions: object): Promise<{ readonly browser: BrowserContext; readonly page: Page }> {
  const browser = await chromium.launchPersistentContext(join(folder, 'profile'), {
    ...launchOptions,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'allow',
  });
  return { browser, page: browser.pages()[0] ?? (await browser.newPage()) };
}

/** A plan as the core makes it. */
let cellarPlan = '';

/** Signs the browser in, and plans an experiment there. */
async function makeExperiment(page: Page): Promise<{ readonly id: string }> {
  await page.request.post(`${BASE}/api/session`, { data: person, headers });
  const made = await page.request.post(`${BASE}/api/experiments`, { data: cellarPlan, headers });
  expect(made.status()).toBe(201);
  return (await made.json()) as { id: string };
}

async function read(page: Page, how: number): Promise<void> {
  for (let i = 0; i < how; i++) {
    const asks = page.getByRole('heading', { level: 1 });
    if (/Has it happened/.test((await asks.textContent()) ?? '')) await page.keyboard.press('0');
    else await page.keyboard.type('20');
    await page.keyboard.press('Enter');
  }
}

test.beforeAll(async () => {
  cellarPlan = execFileSync(process.execPath, ['--import', 'tsx', 'e2e/cellarPlan.ts'], { encoding: 'utf8' });
  copyApp();
  await startServer();
  const made = await fetch(`${BASE}/api/accounts`, { method: 'POST', headers, body: JSON.stringify(person) });
  expect(made.status).toBe(201);
});
test.afterAll(async () => {
  await stopServer();
  rmSync(folder, { recursive: true, force: true });
});

test.describe
  .serial('50 readings, 3 mishaps and a loss without a network, the browser closed and opened again: all there, once, in order', () => {
  let browser: BrowserContext;
  let page: Page;
  let id = '';
  test.beforeEach(async ({ launchOptions }) => {
    ({ browser, page } = await openBrowser(launchOptions));
  });
  test.afterEach(() => browser.close());

  test('the app and what is due are kept while there is a network', async () => {
    ({ id } = await makeExperiment(page));
    await page.goto(BASE);
    await expect(page.getByText('Due today').or(page.getByLabel('Due today'))).toBeVisible();
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await expect
      .poll(() =>
        page.evaluate(
          () =>
            new Promise<number>((resolve) => {
              const open = indexedDB.open('fern-test');
              open.onsuccess = () => {
                const count = open.result.transaction('kept').objectStore('kept').count();
                count.onsuccess = () => resolve(count.result);
              };
            }),
        ),
      )
      .toBeGreaterThanOrEqual(2);
  });

  test('opened without a network: Today, the walk, the bench, what went wrong, a loss', async () => {
    await stopServer();
    await page.goto(BASE);
    await expect(page.getByText('No network. This is the list from last time')).toBeVisible();
    await page.getByRole('button', { name: 'Start here' }).click();
    await expect(page.getByTestId('unit')).toHaveText('D01');
    await read(page, 20);
    for (const note of ['the lamp was out', 'a cat', 'a draught']) {
      await page.keyboard.press('w');
      await page.getByLabel('What went wrong, in a few words').fill(note);
      await page.getByRole('button', { name: 'Write it down' }).click();
      await expect(page.getByRole('dialog')).toBeHidden();
      // The next key comes to the walk again.
      await expect(page.locator('.reading, .reading *').and(page.locator(':focus'))).toHaveCount(1);
    }
    await read(page, 10);
    await expect(page.getByText('33 entries kept on this device, to be sent when the network is back')).toBeVisible();
  });

  test('closed and opened again, still without a network', async () => {
    await page.goto(`${BASE}/experiments/${id}/log/walk/3`);
    await expect(page.getByText('33 entries kept on this device')).toBeVisible();
    await read(page, 20);
    await page.keyboard.press('x');
    await page.getByRole('button', { name: /as lost$/ }).click();
    await expect(page.getByText('54 entries kept on this device')).toBeVisible();
    await expect(page.getByText('saved', { exact: false })).toHaveCount(0);
  });

  test('opened with a network: all of it is there, once, in order', async () => {
    await startServer();
    await page.goto(`${BASE}/experiments/${id}/log/walk/3`);
    await expect(page.getByText('Everything so far is saved.')).toBeVisible();
    const study = (await (await page.request.get(`${BASE}/api/experiments/${id}/study`)).json()) as {
      experiment: Experiment;
      observations: Observation[];
      incidents: Incident[];
    };
    expect(study.observations).toHaveLength(50);
    expect(new Set(study.observations.map(({ unit, measure }) => `${unit} ${measure}`)).size).toBe(50);
    const ids = study.observations.map(({ id: own }) => own);
    expect(ids).toEqual([...ids].sort());
    expect(study.incidents.map(({ note }) => note).sort()).toEqual(['a cat', 'a draught', 'the lamp was out']);
    expect(study.experiment.units.filter(({ status }) => status === 'lost')).toHaveLength(1);
    expect(study.observations.every(({ observer }) => observer === person.name)).toBe(true);
  });
});

test.describe.serial('a newer version of the app', { tag: '@all' }, () => {
  let browser: BrowserContext;
  let page: Page;
  let id = '';
  test.beforeAll(async ({ launchOptions }) => {
    ({ browser, page } = await openBrowser(launchOptions));
  });
  test.afterAll(() => browser.close());

  test('is not there yet, and three readings wait', async () => {
    ({ id } = await makeExperiment(page));
    await page.goto(`${BASE}/experiments/${id}/log/walk/3`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.route('**/observations', (route) => route.abort());
    await read(page, 3);
    await expect(page.getByText('3 entries kept on this device')).toBeVisible();
  });

  test('is taken when the person says so', async () => {
    appendFileSync(join(folder, 'web/dist/serviceWorker.js'), '\n// newer\n');
    await page.reload();
    await page.getByRole('button', { name: 'Use it now' }).click();
    await expect(page.getByText('A newer version of Fern Test is here.')).toBeHidden();
  });

  test('loses nothing of what waits', async () => {
    await expect(page.getByText('3 entries kept on this device')).toBeVisible();
    await page.unroute('**/observations');
    await expect(page.getByText('Everything so far is saved.')).toBeVisible();
    const stored = await (await page.request.get(`${BASE}/api/experiments/${id}/observations`)).json();
    expect(stored).toHaveLength(3);
  });
});

test('a session that ends shows nothing of the person, and goes on where they were', async ({ page, context }) => {
  await page.goto(`${BASE}/door`);
  const signIn = async () => {
    await page.getByLabel('Name').fill(person.name);
    await page.getByLabel('Password').fill(person.password);
    await page.getByRole('button', { name: 'Sign in' }).click();
  };
  await signIn();
  await page.getByRole('link', { name: 'Ask a question' }).click();
  await page.getByRole('button', { name: 'Use this question: Does X change height?' }).click();
  await page.getByLabel('Title').fill('Before the session ended');
  await expect(page.getByText('✓ Saved')).toBeVisible();
  await context.clearCookies();
  await page.getByLabel('Title').fill('After the session ended');
  await expect(page.getByRole('heading', { name: 'You were signed out' })).toBeVisible();
  await expect(page.getByText('session ended')).toHaveCount(0);
  await signIn();
  await expect(page.getByLabel('Title')).toHaveValue('After the session ended');
  await expect(page.getByText('✓ Saved')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Title')).toHaveValue('After the session ended');
});
