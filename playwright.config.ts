import { defineConfig } from '@playwright/test';
import { rmSync } from 'node:fs';
import { join } from 'node:path';

const folder = join(import.meta.dirname, 'test-results');
const servers = { demo: 4310, plain: 4311 } as const;

// Only the process that starts the servers clears their databases; each worker reads this file again.
if (process.env.TEST_WORKER_INDEX === undefined)
  for (const name of Object.keys(servers))
    for (const end of ['', '-wal', '-shm']) rmSync(join(folder, `${name}.sqlite${end}`), { force: true });

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/artifacts',
  workers: 1,
  // Long, so that a slow machine is only slow.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  forbidOnly: Boolean(process.env.CI),
  reporter: [['list'], ['./e2e/plainSummary.ts']],
  use: {
    baseURL: `http://127.0.0.1:${servers.demo}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // What is kept for times without a network has a test of its own.
    serviceWorkers: 'block',
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
  webServer: Object.entries(servers).map(([name, port]) => ({
    command: 'node server/dist/start.js',
    url: `http://127.0.0.1:${port}/api/session`,
    env: { PORT: String(port), FERN_DATABASE: join(folder, `${name}.sqlite`), FERN_DEMO: name === 'demo' ? '1' : '' },
    timeout: 60_000,
  })),
});
