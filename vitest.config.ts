import vue from '@vitejs/plugin-vue';
import { availableParallelism } from 'node:os';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [vue()],
  test: {
    // Long, so that a slow machine is only slow.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    // The parent mostly waits: one core less for it would stand idle.
    maxWorkers: availableParallelism(),
    reporters: ['default', './scripts/plainSummary.mjs'],
    projects: [
      // Pure functions, which leave nothing behind: their files share what was loaded once.
      { extends: true, test: { name: 'core', include: ['{core,contract,paper,demo}/src/**/*.test.ts'], isolate: false } },
      { extends: true, test: { name: 'app', include: ['{server,web}/src/**/*.test.ts', 'scripts/**/*.test.ts'] } },
    ],
  },
});
