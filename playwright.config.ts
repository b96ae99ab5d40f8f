import { defineConfig } from '@playwright/test';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { here, portOf, WORKERS } from './e2e/ports';

const folder = join(import.meta.dirname, 'test-results');
const servers = Array.from({ length: WORKERS }, (_, worker) =>
  (['demo', 'plain'] as const).map((name) => ({ name: `${name}-${worker}`, isDemo: name === 'demo', port: portOf(name, worker) })),
).flat();

// Only the process that starts the servers clears their databases; each worker reads this file again.
if (process.env.TEST_WORKER_INDEX === undefined)
  for (const { name } of servers) for (const end of ['', '-wal', '-shm']) rmSync(join(folder, `${name}.sqlite${end}`), { force: true });

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/artifacts',
  workers: WORKERS,
  // Long, so that a slow machine is only slow.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  forbidOnly: Boolean(process.env.CI),
  // What looks at much of the same is left to `npm run test:all`.
  grepInvert: process.env.FERN_ALL === '1' ? undefined : /@all/,
  reporter: [['list'], ['./e2e/plainSummary.ts']],
  use: {
    baseURL: `http://127.0.0.1:${portOf('demo', here())}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // What is kept for times without a network has a test of its own.
    serviceWorkers: 'block',
    // It takes a third of the time.
    trace: process.env.FERN_TRACE === '1' ? 'retain-on-failure' : 'off',
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
  webServer: servers.map(({ name, isDemo, port }) => ({
    command: 'node server/dist/start.js',
    url: `http://127.0.0.1:${port}/api/session`,
    env: { PORT: String(port), FERN_DATABASE: join(folder, `${name}.sqlite`), FERN_DEMO: isDemo ? '1' : '' },
    timeout: 60_000,
  })),
});
