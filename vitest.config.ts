import vue from '@vitejs/plugin-vue';
import { availableParallelism } from 'node:os';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [vue()],
  test: {
    include: ['{core,contract,server,web,demo}/src/**/*.test.ts', 'scripts/**/*.test.ts'],
    // Long, so that a slow machine is only slow.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    // The parent mostly waits: one core less for it would stand idle.
    maxWorkers: availableParallelism(),
    reporters: ['default', './scripts/plainSummary.mjs'],
  },
});
