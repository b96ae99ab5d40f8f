import { join } from 'node:path';
import { loadConfigFromFile } from 'vite';
import { expect, it, vi } from 'vitest';

it('the app is built for use whatever the shell calls itself: else it would not open without a network', async () => {
  vi.stubEnv('NODE_ENV', 'test');
  await loadConfigFromFile({ command: 'build', mode: 'production' }, join(import.meta.dirname, '..', 'web', 'vite.config.ts'));
  const built = process.env.NODE_ENV;
  vi.unstubAllEnvs();
  expect(built).toBe('production');
});
