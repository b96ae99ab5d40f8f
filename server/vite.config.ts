import { readFileSync } from 'node:fs';
import { defineConfig } from 'vite';

const core = JSON.parse(readFileSync(new URL('../core/package.json', import.meta.url), 'utf8')) as { dependencies: Record<string, string> };

/** What the core computes with: many small files of plain JavaScript, of which a command would otherwise spend its time finding each. */
const computing = Object.keys(core.dependencies);

// Server and command line with the project's own code in them, so that they start at once; other packages stay outside.
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'dist',
    target: 'node20',
    minify: false,
    rollupOptions: {
      input: {
        start: 'src/start.ts',
        fern: 'src/cli/main.ts',
        keep: 'src/cli/keepMain.ts',
        read: 'src/services/read.worker.ts',
        unpack: 'src/services/unpack.worker.ts',
      },
    },
  },
  ssr: { noExternal: [/^@fern\//, /^@stdlib\//, ...computing] },
});
