import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { install, root } from './prepare.mjs';

/** Types, lint and tests of what was changed since the last commit: for while one works, not in place of `npm test`. */
const git = (...args) => spawnSync('git', args, { cwd: root, encoding: 'utf8' }).stdout.split('\n').filter(Boolean);
const changed = [...new Set([...git('diff', '--name-only', 'HEAD'), ...git('ls-files', '--others', '--exclude-standard')])].filter((path) =>
  existsSync(`${root}/${path}`),
);
const sources = changed.filter((path) => /\.(ts|vue|mjs|js)$/.test(path));

function run(name, args, env = {}) {
  let words = '';
  const child = spawn('npx', ['--no-install', ...args], { cwd: root, stdio: ['ignore', 'pipe', 'pipe'], env: { ...process.env, ...env } });
  for (const stream of [child.stdout, child.stderr]) stream.setEncoding('utf8').on('data', (text) => (words += text));
  return new Promise((resolve) => child.on('close', (code) => resolve({ name, code, words })));
}

install();
if (sources.length === 0) {
  console.log('Nothing was changed since the last commit.');
  process.exit(0);
}
const isWeb = sources.some((path) => path.startsWith('web/'));
const runs = [
  run('types', ['tsc', '-b', 'core', 'contract', 'paper', 'demo', 'server', '.']),
  ...(isWeb ? [run('types of the pages', ['vue-tsc', '--noEmit', '-p', 'web/tsconfig.json'])] : []),
  // With the rules that ask for types, which each push leaves out.
  run('lint', ['eslint', '--cache', '--cache-location', 'node_modules/.cache/eslint/', '--max-warnings', '0', ...sources], {
    FERN_ALL: '1',
  }),
  run('format', ['prettier', '--check', '--log-level', 'warn', ...sources]),
  run('tests', ['vitest', 'related', '--run', ...sources]),
];
let failed = false;
for (const one of runs) {
  const { name, code, words } = await one;
  console.log(`== ${name}: ${code === 0 ? 'passed' : 'failed'}`);
  if (code !== 0) console.log(words);
  failed ||= code !== 0;
}
process.exitCode = failed ? 1 : 0;
