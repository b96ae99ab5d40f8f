import { join, resolve } from 'node:path';
import { runMaintenance } from './runMaintenance';

const from = process.env.INIT_CWD ?? process.cwd();
const [command = '', path] = process.argv.slice(2);
const file = process.env.FERN_DATABASE ?? join(import.meta.dirname, '..', '..', 'data', 'fern-test.sqlite');
const { code, say } = await runMaintenance(
  path === undefined ? [command] : [command, command === 'password' ? path : resolve(from, path)],
  file,
  new Date(),
);
(code === 0 ? console.log : console.error)(say);
process.exitCode = code;
