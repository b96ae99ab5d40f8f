import { createHash } from 'node:crypto';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const held = new Set();
process.on('exit', () => held.forEach((path) => rmSync(path, { force: true })));

/**
 * Runs something that two processes must not do to one folder at once, as an install; the second waits for the first.
 * @param folder which one
 * @param work done while nobody else does it; what it returns is returned
 */
export function alone(folder, work) {
  const path = join(tmpdir(), `fern-test-${createHash('sha256').update(folder).digest('hex').slice(0, 16)}.lock`);
  while (!taken(path)) pause(200);
  held.add(path);
  try {
    return work();
  } finally {
    rmSync(path, { force: true });
    held.delete(path);
  }
}

function taken(path) {
  try {
    writeFileSync(path, String(process.pid), { flag: 'wx' });
    return true;
  } catch (error) {
    if (error.code !== 'EEXIST') throw error;
    if (!lives(path)) rmSync(path, { force: true });
    return false;
  }
}

/** Whether the process that wrote a lock still runs: one that was ended leaves its lock behind. */
function lives(path) {
  try {
    process.kill(Number(readFileSync(path, 'utf8')), 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
}

function pause(milliseconds) {
  Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, milliseconds);
}
