import vue from '@vitejs/plugin-vue';
import { availableParallelism } from 'node:os';
import { defineConfig } from 'vitest/config';

// What looks at every study, or for long, is in files of its own: `npm run test:all` runs them too.
const exclude = ['**/node_modules/**', ...(process.env.FERN_ALL === '1' ? [] : ['**/*.all.test.ts'])];

export default defineConfig({
  plugins: [vue()],
  test: {
    // Long, so that a slow machine is only slow.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    // The parent mostly waits: one core less for it would stand idle.
    maxWorkers: availableParallelism(),
    reporters: ['default', './scripts/plainSummary.mjs'],
    // Files share what was loaded once: it takes longer to load than to test.
    isolate: false,
    projects: [
      { extends: true, test: { name: 'core', exclude, include: ['{core,contract,paper,demo}/src/**/*.test.ts'] } },
      {
        extends: true,
        test: {
          name: 'server',
          exclude,
          include: ['server/src/**/*.test.ts', 'scripts/**/*.test.ts'],
          globalSetup: './scripts/builtServer.ts',
        },
      },
      // Pages and stores keep what they hold in modules: each file of theirs loads them anew.
      { extends: true, test: { name: 'web', exclude, include: ['web/src/**/*.test.ts'], isolate: true } },
    ],
  },
});
