import { spawn } from 'node:child_process';
import { findChromium } from './chromium.mjs';
import { build, install, root, run } from './prepare.mjs';

const step = (name) => console.log(`\n== ${name}`);

/** Runs npm scripts side by side, so that no core waits; each one's words come whole, in the order given. */
async function together(scripts) {
  const runs = scripts.map(([name, script]) => {
    let words = '';
    const child = spawn('npm', ['run', '--silent', script], { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    for (const stream of [child.stdout, child.stderr]) stream.setEncoding('utf8').on('data', (text) => (words += text));
    return new Promise((resolve) => child.on('close', (code) => resolve({ name, code, words })));
  });
  let failed = false;
  for (const done of runs) {
    const { name, code, words } = await done;
    step(name);
    process.stdout.write(words);
    failed ||= code !== 0;
  }
  if (failed) process.exit(1);
}

install();
const CHROMIUM_PATH = findChromium();
await together([
  ['types', 'typecheck'],
  ['lint', 'lint'],
  ['nothing unused', 'unused'],
]);
step('unit tests');
run('npm', ['run', '--silent', 'unit']);
step('build');
build();
step('browser tests');
run('npm', ['run', '--silent', 'e2e'], { env: { ...process.env, CHROMIUM_PATH } });
