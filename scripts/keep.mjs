import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build, install, root } from './prepare.mjs';

const program = join(root, 'server', 'dist', 'keep.js');
// What was built once is taken as it is: a backup must not wait for packages, nor change the app that is running.
if (!existsSync(program)) {
  install();
  build();
}
await import(pathToFileURL(program).href);
