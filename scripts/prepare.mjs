import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { alone } from './alone.mjs';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');

/** Runs a command with its output shown; ends this process with its code if it fails. */
function run(command, args, options = {}) {
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (status !== 0) process.exit(status ?? 1);
}

/** Whether a stamp file holds another text than this one, or none. */
function stale(stamp, text) {
  return !existsSync(stamp) || readFileSync(stamp, 'utf8') !== text;
}

/**
 * Installs the packages where node_modules is missing or older than the lock file.
 * @param out where npm's own words go: 1, or 2 where the first is an answer
 */
export function install(out = 1) {
  const stamp = join(root, 'node_modules', '.fern-lock');
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (!stale(stamp, lock)) return;
  alone(root, () => {
    if (!stale(stamp, lock)) return;
    console.log('Installing packages. The database library may have to be compiled, which takes about two minutes.');
    run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { stdio: ['ignore', out, 2] });
    writeFileSync(stamp, lock);
  });
}

/** Every file below a folder that is not made by a tool. */
export function* filesIn(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (['dist', 'node_modules', '.types', 'held'].includes(entry.name)) continue;
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* filesIn(path);
    else yield path;
  }
}

/** Builds pages, server and command line where one of their sources has changed since. */
export function build(out = 1) {
  const hash = createHash('sha256');
  for (const folder of ['core', 'contract', 'paper', 'demo', 'server', 'web']) {
    for (const path of filesIn(join(root, folder)))
      if (!path.endsWith('.test.ts')) hash.update(`${path} ${statSync(path).size}\n`).update(readFileSync(path));
  }
  const stamp = join(root, 'server', 'dist', '.built');
  const now = hash.digest('hex');
  alone(root, () => {
    if (stale(stamp, now)) {
      console.log('Building pages and server …');
      run('npm', ['run', 'build', '--silent'], { stdio: ['ignore', out, 2] });
    }
    mark(stamp, now);
  });
}

function mark(stamp, text) {
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, text);
}
