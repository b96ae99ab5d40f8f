import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { build, type Plugin } from 'vite';

/** Builds the service worker last, with the list of all that was built. */
export function offlinePages(): Plugin {
  let out = '';
  return {
    name: 'offline-pages',
    apply: 'build',
    configResolved: ({ root, build: { outDir } }) => void (out = join(root, outDir)),
    closeBundle: {
      order: 'post',
      sequential: true,
      handler: async () => {
        const files = readdirSync(out, { recursive: true, withFileTypes: true })
          .filter((entry) => entry.isFile() && !/\.(br|gz)$|^serviceWorker/.test(entry.name))
          .map((entry) => join(entry.parentPath, entry.name))
          .map((path) => ({
            url: `/${relative(out, path)}`,
            revision: createHash('sha256').update(readFileSync(path)).digest('hex').slice(0, 16),
          }));
        await build({
          configFile: false,
          logLevel: 'warn',
          define: { FILES: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
          build: {
            outDir: out,
            emptyOutDir: false,
            copyPublicDir: false,
            target: 'es2022',
            rollupOptions: {
              input: join(import.meta.dirname, 'src', 'offline', 'serviceWorker.ts'),
              output: { format: 'iife', entryFileNames: 'serviceWorker.js' },
            },
          },
        });
      },
    },
  };
}
