import vue from '@vitejs/plugin-vue';
import { join } from 'node:path';
import { build, type Plugin } from 'vite';
import { chunkNames } from './chunkNames.ts';
import { neededBy, pages, type Bundle } from './pages.ts';

const RESULT_WORKER = /result\.worker/;
const web = join(import.meta.dirname, '..');

/** Builds the app once without writing it, to see which page needs what. */
async function firstLook(): Promise<Bundle> {
  let seen: Bundle = {};
  await build({
    root: web,
    configFile: false,
    logLevel: 'error',
    plugins: [
      vue(),
      {
        name: 'first-look',
        generateBundle: (_options, bundle) => void (seen = bundle),
      },
    ],
    worker: { format: 'es' },
    build: { write: false, target: 'es2022', minify: false, rolldownOptions: { output: { strictExecutionOrder: true } } },
  });
  return seen;
}

/** The script that asks for a page's files before the app has begun, as one file. */
async function earlyScript(bundle: Bundle): Promise<string> {
  const worker = Object.keys(bundle).filter((name) => RESULT_WORKER.test(name));
  const rows = pages.map((page) => {
    const needed = neededBy(bundle, page);
    const styles = needed.flatMap(({ viteMetadata }) => [...(viteMetadata?.importedCss ?? [])]);
    return { address: page.address, files: [...needed.map(({ fileName }) => fileName), ...styles, ...(page.needsResult ? worker : [])] };
  });
  const built = await build({
    configFile: false,
    logLevel: 'warn',
    define: { PAGES: JSON.stringify(rows) },
    build: {
      write: false,
      copyPublicDir: false,
      target: 'es2022',
      rollupOptions: { input: join(web, 'src', 'offline', 'early.ts'), output: { format: 'iife' } },
    },
  });
  const [file] = [built].flat().flatMap((one) => ('output' in one ? one.output : []));
  if (file?.type !== 'chunk') throw new Error('web/pageFiles.ts: early.ts was not built');
  return file.code;
}

/** Puts together what pages need together, and has each page's files asked for at once. */
export function pageFiles(): Plugin {
  return {
    name: 'page-files',
    apply: 'build',
    config: async () => {
      const names = chunkNames(await firstLook());
      const groups = [{ debugName: 'pages', name: (id: string) => names.get(id) ?? null, includeDependenciesRecursively: false }];
      // The order in which modules run must be kept where they are put together by hand.
      return { build: { rolldownOptions: { output: { codeSplitting: { groups }, strictExecutionOrder: true } } } };
    },
    transformIndexHtml: () => [{ tag: 'script', attrs: { src: '/early.js' }, injectTo: 'head-prepend' }],
    async generateBundle(_options, bundle) {
      this.emitFile({ type: 'asset', fileName: 'early.js', source: await earlyScript(bundle) });
    },
  };
}
