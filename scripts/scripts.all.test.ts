import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, describe, expect, it } from 'vitest';
import { freePort } from '../server/src/freePort.fixture';

/** Each command of the README that no other test runs, once, with little to do. */
const root = join(import.meta.dirname, '..');
const folder = mkdtempSync(join(tmpdir(), 'fern-scripts-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

let running: ChildProcess | undefined;
// The whole group: a command that starts others ends with them, as in a terminal.
afterEach(() => void (running?.pid !== undefined && process.kill(-running.pid, 'SIGTERM')));

/** Starts a server and waits for the words with which it is ready. */
async function ready(script: string, words: RegExp): Promise<{ readonly port: number; readonly said: string }> {
  const port = await freePort();
  const child = spawn('npm', ['run', '--silent', script], {
    cwd: root,
    detached: true,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, PORT: String(port), FERN_DATABASE: join(folder, `${script}.sqlite`) },
  });
  running = child;
  let said = '';
  return new Promise((resolve, reject) => {
    for (const stream of [child.stdout, child.stderr])
      stream.setEncoding('utf8').on('data', (text: string) => {
        said += text;
        if (words.test(said)) resolve({ port, said });
      });
    child.once('exit', () => reject(new Error(`${script} ended: ${said}`)));
  });
}

describe('a server', () => {
  it.each([
    ['demo', 2],
    ['start', 0],
  ])('by npm run %s gives its pages and says who may enter', async (script, accounts) => {
    const { port } = await ready(script, /Fern Test is ready/);
    const page = await fetch(`http://127.0.0.1:${port}/`);
    expect([page.status, (await page.text()).includes('<div id="app">')]).toEqual([200, true]);
    const session = (await (await fetch(`http://127.0.0.1:${port}/api/session`)).json()) as { demo: unknown[] };
    expect(session.demo).toHaveLength(accounts);
  });

  it('by npm run dev serves pages from their sources', async () => {
    const { said } = await ready('dev', /ready[\s\S]*Local|Local[\s\S]*ready/);
    const address = /http:\/\/(?:localhost|127\.0\.0\.1):\d+/.exec(said)?.[0] ?? '';
    expect(await (await fetch(`${address}/src/main.ts`)).text()).toContain('createApp');
  });
});

/** Runs a command to its end. */
const run = (script: string, words: readonly string[], env: NodeJS.ProcessEnv = {}) =>
  spawnSync('npm', ['run', '--silent', script, '--', ...words], { cwd: root, encoding: 'utf8', env: { ...process.env, ...env } });
const hasR = spawnSync('Rscript', ['-e', 'library(mvtnorm); library(survival)']).status === 0;

describe('figures', () => {
  it('every part of npm run perf runs to its end, small', () => {
    const { stdout } = run('perf', ['--small']);
    expect(stdout).toContain('stopped before their end: none');
    expect(stdout).toMatch(/out of bounds: \d+/);
  });

  it('npm run error-rates plays each of its worlds', () => {
    const { status, stdout } = run('error-rates', [], { RUNS: '4' });
    expect(status).toBe(0);
    expect(stdout.split('\n').length).toBeGreaterThan(10);
  });

  it.runIf(hasR)('npm run differential finds nothing apart from R in a few packages', () => {
    const { status, stdout } = run('differential', ['6']);
    expect([status, /6 packages, \d+ figures of R, 0 on which/.test(stdout)]).toEqual([0, true]);
  });

  it.runIf(hasR)('npm run differential:power sets its designs beside those of R', () => {
    const { status, stdout } = run('differential:power', ['40']);
    expect(status).toBe(0);
    expect(stdout.match(/^\| /gm)?.length).toBeGreaterThan(10);
  });
});
