import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { anySprouting, experimentFrom, type Observation } from '@fern/core';
import type { ExperimentRecord } from '@fern/contract';

const PORT = 4397;
const BASE = `http://127.0.0.1:${PORT}/api`;

/** A server in a process of its own, ready to be called. */
function start(file: string): Promise<ChildProcess> {
  const server = spawn(process.execPath, ['--import', 'tsx', join(import.meta.dirname, 'start.ts')], {
    env: { ...process.env, PORT: String(PORT), FERN_DATABASE: file, FERN_DEMO: '' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve) => server.stdout?.on('data', (text: Buffer) => text.toString().includes('ready') && resolve(server)));
}
const ended = (server: ChildProcess) => new Promise((resolve) => server.once('exit', resolve));

it('what was acknowledged is there after the server was killed in the midst of it', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'fern-killed-'));
  const file = join(folder, 'data.sqlite');
  let server = await start(file);
  let cookie = '';
  const call = async <T>(method: string, path: string, body?: unknown): Promise<T> => {
    const response = await fetch(BASE + path, {
      method,
      headers: { 'x-fern-test': '1', 'content-type': 'application/json', cookie },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
    cookie = response.headers.getSetCookie()[0]?.split(';')[0] ?? cookie;
    expect(response.ok).toBe(true);
    return (await response.json()) as T;
  };
  await call('POST', '/accounts', { name: 'M. Bracken', password: 'moss and fern' });
  const { id } = await call<ExperimentRecord>(
    'POST',
    '/experiments',
    experimentFrom(anySprouting, { created: '2026-04-01', startOn: '2026-04-01', seed: 1 }),
  );
  const acknowledged: string[] = [];
  const posting = (async () => {
    for (let i = 0; i < 400; i++) {
      const reading = { id: `r${i}`, unit: 'D01', measure: 'sprouts', observedOn: '2026-04-04', value: i % 25 };
      await call('POST', `/experiments/${id}/observations`, { observations: [reading] });
      acknowledged.push(reading.id);
      if (acknowledged.length === 25) server.kill('SIGKILL');
    }
  })().catch(() => undefined);
  await Promise.all([ended(server), posting]);
  expect(acknowledged.length).toBeGreaterThanOrEqual(25);
  server = await start(file);
  const stored = new Set((await call<Observation[]>('GET', `/experiments/${id}/observations`)).map((seen) => seen.id));
  expect(acknowledged.filter((reading) => !stored.has(reading))).toEqual([]);
  server.kill();
  await ended(server);
  rmSync(folder, { recursive: true, force: true });
});
