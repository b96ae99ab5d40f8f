import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';

/** Where the server is built for its tests, from the sources as they are, beside the packages that it needs. */
const outDir = join(import.meta.dirname, '..', 'server', 'node_modules', '.built-for-tests');

/** Builds the server before its tests: a thread or a server of its own, started from the sources, would read all of them anew each time. */
export async function setup(): Promise<void> {
  const root = join(import.meta.dirname, '..', 'server');
  await build({ root, configFile: join(root, 'vite.config.ts'), logLevel: 'error', build: { outDir, emptyOutDir: true } });
  process.env.FERN_BUILT = pathToFileURL(`${outDir}/`).href;
}
