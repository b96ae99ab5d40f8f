import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,contract,server,web,demo}/src/**/*.test.ts', 'scripts/**/*.test.ts'],
    testTimeout: 60_000,
    reporters: ['default', './scripts/plainSummary.mjs'],
  },
});
