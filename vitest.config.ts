import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [vue()],
  test: {
    include: ['{core,contract,server,web,demo}/src/**/*.test.ts', 'scripts/**/*.test.ts'],
    // Long, so that a slow machine is only slow.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    reporters: ['default', './scripts/plainSummary.mjs'],
  },
});
