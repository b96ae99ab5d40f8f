import { resolve } from 'node:path';
import { fern } from './fern';

// npm starts in the repository's root; a path is meant from where the person stands.
const from = process.env.INIT_CWD ?? process.cwd();
const [command, path, ...rest] = process.argv.slice(2);
process.exitCode = fern(
  path === undefined ? [command] : [command, resolve(from, path), ...rest],
  (text) => process.stdout.write(text),
  (text) => process.stderr.write(text),
);
