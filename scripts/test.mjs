import { spawn } from 'node:child_process';
import { findChromium } from './chromium.mjs';
import { build, install, root } from './prepare.mjs';

const whole = process.argv.includes('--all');
const began = performance.now();
const seconds = (from) => Math.round((performance.now() - from) / 1000);
const done = [];

/** Runs an npm script beside the others; its words come whole, when it has ended. */
function part(name, script, env = {}) {
  const from = performance.now();
  let words = '';
  const child = spawn('npm', ['run', '--silent', script], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, ...env },
  });
  for (const stream of [child.stdout, child.stderr]) stream.setEncoding('utf8').on('data', (text) => (words += text));
  return new Promise((resolve) =>
    child.on('close', (code) => {
      console.log(`\n== ${name}\n${words.trimEnd()}`);
      // Vitest and Playwright say how many tests there were.
      const counted = /^(?:unit|browser): (.*)$/m.exec(words)?.[1] ?? (code === 0 ? 'passed' : 'failed');
      done.push({ name, code, line: `${name.padEnd(16)} ${counted}, ${seconds(from)} s` });
      resolve();
    }),
  );
}

install();
const env = { CHROMIUM_PATH: findChromium(), ...(whole ? { FERN_ALL: '1', FERN_KILLS: '6' } : {}) };
build();
await Promise.all([
  part('types', 'typecheck'),
  part('lint', 'lint', env),
  ...(whole ? [part('format', 'format:check')] : []),
  part('nothing unused', 'unused'),
  part('unit tests', 'unit', env),
]);
await part('browser tests', 'e2e', env);

console.log('\n== all parts');
for (const { line } of done) console.log(line);
console.log(`${'together'.padEnd(16)} ${seconds(began)} s${whole ? ', everything' : '; npm run test:all looks at more'}`);
if (done.some(({ code }) => code !== 0)) process.exitCode = 1;
