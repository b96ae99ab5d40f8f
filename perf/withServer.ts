import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';

const PORT = 4399;
export const BASE = `http://127.0.0.1:${PORT}`;

/** Runs something against the built server with the demo's data, in a browser of its own. */
export async function withServer(work: (browser: Browser) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'fern-perf-'));
  const server = spawn(process.execPath, ['server/dist/start.js'], {
    env: { ...process.env, PORT: String(PORT), FERN_DEMO: '1', FERN_DATABASE: join(folder, 'perf.sqlite') },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) => server.stdout.on('data', (text: Buffer) => text.toString().includes('ready') && resolve()));
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
  });
  try {
    await work(browser);
  } finally {
    await browser.close();
    server.kill();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** A page in which someone has entered the demo; nothing is fetched behind its back for times without a network. */
export async function enteredPage(browser: Browser, account = 'Moor Lane'): Promise<Page> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: BASE, serviceWorkers: 'block' });
  await page.goto('/door');
  await page.getByRole('button', { name: new RegExp(account) }).click();
  await page.waitForURL(`${BASE}/`);
  return page;
}
