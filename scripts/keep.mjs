import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build, install, root } from './prepare.mjs';

install();
build();
await import(pathToFileURL(join(root, 'server', 'dist', 'keep.js')).href);
