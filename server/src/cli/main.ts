import { fern } from './fern';

// npm starts in the repository's root; a path is meant from where the person stands.
const from = process.env.INIT_CWD ?? process.cwd();
process.exitCode = await fern(
  process.argv.slice(2),
  (text) => process.stdout.write(text),
  (text) => process.stderr.write(text),
  from,
);
