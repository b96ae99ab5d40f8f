import { resolve } from 'node:path';
import { fern } from './fern';

// npm starts in the repository's root; a path is meant from where the person stands.
const from = process.env.INIT_CWD ?? process.cwd();
const [command = '', ...rest] = process.argv.slice(2);
process.exitCode = fern(
  [command, ...rest.map((word) => (word.startsWith('-') ? word : resolve(from, word)))],
  (text) => process.stdout.write(text),
  (text) => process.stderr.write(text),
);
