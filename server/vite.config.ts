import { defineConfig } from 'vite';

// Server and command line with the project's own code in them, so that they start at once; packages stay outside.
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'dist',
    target: 'node20',
    minify: false,
    rollupOptions: { input: { start: 'src/start.ts', fern: 'src/cli/main.ts' } },
  },
  ssr: { noExternal: [/^@fern\//] },
});
