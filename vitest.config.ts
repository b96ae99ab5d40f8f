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
      {
        extends: true,
        test: {
          name: 'web',
          exclude: [...exclude, '**/*.mocked.test.ts'],
          include: ['web/src/**/*.test.ts'],
          environment: 'happy-dom',
          setupFiles: './web/src/testingEnds.ts',
        },
      },
      // A module that a test puts another in the place of must not have been loaded before, nor stay.
      {
        extends: true,
        test: { name: 'web mocked', exclude, include: ['web/src/**/*.mocked.test.ts'], isolate: true, environment: 'happy-dom' },
      },
    ],
  },
});
