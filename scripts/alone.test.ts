import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { expect, it } from 'vitest';

const alone = pathToFileURL(join(import.meta.dirname, 'alone.mjs')).href;
const folder = mkdtempSync(join(tmpdir(), 'fern-alone-'));
const script = (work: string) => `import { appendFileSync } from 'node:fs'; import { alone } from '${alone}';
alone(${JSON.stringify(folder)}, () => { ${work} });`;
const said = join(folder, 'said');
const slowly = script(`appendFileSync(${JSON.stringify(said)}, 'in '); Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 300);
appendFileSync(${JSON.stringify(said)}, 'out ');`);

it('two processes that prepare one folder take turns', async () => {
  const run = () =>
    new Promise((done) => spawn(process.execPath, ['--input-type=module', '-e', slowly], { stdio: 'inherit' }).on('close', done));
  await Promise.all([run(), run(), run()]);
  expect(readFileSync(said, 'utf8')).toBe('in out '.repeat(3));
});

it('a process that was ended in the middle of it holds nobody up', () => {
  const node = (work: string) => spawnSync(process.execPath, ['--input-type=module', '-e', script(work)], { encoding: 'utf8' });
  expect(node(`process.kill(process.pid, 'SIGKILL');`).signal).toBe('SIGKILL');
  expect(node(`console.log('went on');`).stdout).toBe('went on\n');
});
