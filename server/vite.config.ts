import { defineConfig } from 'vite';

// One file for the server with the project's own code in it, so that it starts at once; packages stay outside.
export default defineConfig({
  build: { ssr: 'src/start.ts', outDir: 'dist', target: 'node20', minify: false },
  ssr: { noExternal: [/^@fern\//] },
});
