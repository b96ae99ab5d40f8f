import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';
import { writePackage, zipPackage, type Observation, itemAt } from '@fern/core';
import type { ExperimentLine, ExperimentRecord } from '@fern/contract';
import { anyPlan, anyReading } from './routeFixtures';
import { freePort } from './freePort.fixture';
import { ARRIVING } from './models/experimentRow';
import { openReader } from './openDatabase';

const PORT = await freePort();
const BASE = `http://127.0.0.1:${PORT}/api`;

/** A server in a process of its own, ready to be called. */
function start(file: string): Promise<ChildProcess> {
  const server = spawn(process.execPath, [fileURLToPath(new URL('start.js', process.env.FERN_BUILT))], {
    env: { ...process.env, PORT: String(PORT), FERN_DATABASE: file, FERN_DEMO: '' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    server.stdout?.on('data', (text: Buffer) => text.toString().includes('ready') && resolve(server));
    server.once('exit', () => reject(new Error('the server ended before it was ready')));
  });
}
const ended = (server: ChildProcess) => new Promise((resolve) => server.once('exit', resolve));

/** One amid readings and one amid an import; as many as one likes by hand, and in `npm run test:all`. */
const KILLS = Number(process.env.FERN_KILLS ?? 2);
const PEOPLE = 5;
const IMPORTED = 2000;

const turn = () => new Promise((resolve) => setTimeout(resolve, 1));
/** All readings in the file, found by anyone or not. */
const ALL = 'SELECT count(*) AS n FROM observations';
/** Those of an import that is not whole yet. */
const ARRIVED = `${ALL} WHERE experimentId IN (SELECT id FROM experiments WHERE version = ${ARRIVING})`;

it('what was acknowledged is there once after the server was killed in the midst of it, and nothing is there by half', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'fern-killed-'));
  const file = join(folder, 'data.sqlite');
  let server = await start(file);
  let cookie = '';
  const call = async <T>(method: string, path: string, body?: unknown): Promise<T> => {
    const packed = body instanceof Uint8Array;
    const response = await fetch(BASE + path, {
      method,
      headers: { 'x-fern-test': '2', 'content-type': packed ? 'application/zip' : 'application/json', cookie },
      body: body === undefined ? undefined : packed ? new Uint8Array(body) : JSON.stringify(body),
    });
    cookie = response.headers.getSetCookie()[0]?.split(';')[0] ?? cookie;
    expect(response.ok).toBe(true);
    return (await response.json()) as T;
  };
  await call('POST', '/accounts', { name: 'M. Bracken', password: 'moss and fern' });
  const { id } = await call<ExperimentRecord>('POST', '/experiments', anyPlan);
  const observations = Array.from({ length: IMPORTED }, (_, i) => anyReading(`i${i}`));
  const zip = zipPackage(
    writePackage({ experiment: { ...anyPlan, title: 'Brought in' }, observations, incidents: [], care: [], photos: [] }),
  );
  const acknowledged: string[] = [];
  let imported = 0;
  let n = 0;
  for (let kill = 0; kill < KILLS; kill++) {
    const last = acknowledged.length + 50 + ((kill * 97) % 500);
    const time = kill % 2 === 1 ? async () => (await counted(file, ARRIVED)) > 0 : async () => acknowledged.length >= last;
    const watch = async () => {
      while (!(await time())) await turn();
      server.kill('SIGKILL');
    };
    const untilKilled = (error: unknown) => {
      if (!server.killed) throw error;
    };
    const post = async () => {
      for (;;) {
        const one = anyReading(`r${n++}`);
        await call('POST', `/experiments/${id}/observations`, { observations: [one] });
        acknowledged.push(one.id);
      }
    };
    const bring = async () => {
      for (;;) {
        await call('POST', '/packages', zip);
        imported++;
      }
    };
    await Promise.all([ended(server), watch(), ...[...Array.from({ length: PEOPLE }, post), bring()].map((one) => one.catch(untilKilled))]);
    server = await start(file);
    const stored = (await call<Observation[]>('GET', `/experiments/${id}/observations`)).map((seen) => seen.id);
    expect(stored).toHaveLength(new Set(stored).size);
    expect(acknowledged.filter((own) => !stored.includes(own))).toEqual([]);
    const brought = (await call<ExperimentLine[]>('GET', '/experiments')).filter(({ title }) => title === 'Brought in');
    expect(brought.length).toBeGreaterThanOrEqual(imported);
    for (const one of brought) expect(await call<Observation[]>('GET', `/experiments/${one.id}/observations`)).toHaveLength(IMPORTED);
    expect(await counted(file, ALL)).toBe(stored.length + brought.length * IMPORTED);
  }
  server.kill();
  await ended(server);
  rmSync(folder, { recursive: true, force: true });
});

async function counted(file: string, sql: string): Promise<number> {
  const { statements, sequelize } = await openReader(file);
  const { n } = itemAt(await statements.all<{ n: number }>(sql), 0);
  await statements.close();
  await sequelize.close();
  return n;
}
