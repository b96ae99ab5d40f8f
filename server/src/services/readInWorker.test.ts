import { Worker } from 'node:worker_threads';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { packColumns, type Observation, type Study } from '@fern/core';
import { anyPlan, anyReading, startRoutes, type RouteFixture } from '../routeFixtures';
import { createExperiments } from './create';
import { zipStudy, unzipStudies } from './packages';
import { askThread } from './readInWorker';

const READINGS = process.env.FERN_ALL === '1' ? 20_000 : 10_000;
const observations = Array.from({ length: READINGS }, (_, i): Observation =>
  anyReading(`r${String(i).padStart(6, '0')}`, { unit: `D${String(1 + (i % 12)).padStart(2, '0')}`, value: i % 25 }),
);
const study: Study = { experiment: anyPlan, observations, incidents: [], care: [], photos: [] };
let room: RouteFixture;
let id: string;

beforeAll(async () => {
  room = await startRoutes();
  const owner = await room.server.database.models.accounts.findOne({ where: { name: 'M. Bracken' } });
  ({ id } = await createExperiments(room.server.database, owner?.id ?? '', [{ study }], 'imported'));
});
afterAll(() => room.server.stop());

it('a thread that has just gone to rest is not asked any more', async () => {
  const echo =
    "const { parentPort } = require('node:worker_threads'); parentPort.on('message', ({ number }) => parentPort.postMessage({ number, bytes: new Uint8Array([number]) }));";
  const ask = askThread(() => new Worker(echo, { eval: true }), 1);
  for (let i = 0; i < 40; i++) {
    expect(await ask({ what: 'study', ownerId: 'who', id: 'one' })).toEqual(new Uint8Array([i]));
    await new Promise((resolve) => setTimeout(resolve, 1 + (i % 3)));
  }
});

describe('a large study', () => {
  it('comes whole: as rows, as columns, as its package, and with everything', async () => {
    const rows = (await room.teacher.call('GET', `/api/experiments/${id}/study`)).body;
    expect(rows).toEqual({ version: 1, ...study });
    const columns = (await room.teacher.call('GET', `/api/experiments/${id}/study?as=columns`)).body;
    expect(columns).toEqual({ version: 1, ...study, observations: packColumns(observations) });
    const packed = await room.teacher.call('GET', `/api/experiments/${id}/package`);
    expect(packed.headers.get('content-type')).toBe('application/zip');
    expect(packed.body).toEqual(zipStudy(study));
    const all = unzipStudies((await room.teacher.call('GET', '/api/everything')).body as Uint8Array);
    expect(all.map((one) => one.study.observations.length)).toEqual([0, READINGS]);
  });

  it('is not found by another, who may ask for it all the same', async () => {
    expect((await room.stranger.call('GET', `/api/experiments/${id}/study`)).status).toBe(404);
    expect((await room.stranger.call('GET', `/api/experiments/${id}/package`)).status).toBe(404);
  });

  it('is opened without holding up who saves a reading meanwhile', async () => {
    let open = false;
    const opening = room.teacher.call('GET', `/api/experiments/${id}/study`).then(() => (open = true));
    let saved = 0;
    while (!open) {
      const said = await room.teacher.call('POST', `/api/experiments/${room.id}/observations`, { observations: [anyReading(`s${saved}`)] });
      expect(said.status).toBe(200);
      saved++;
    }
    await opening;
    expect(saved).toBeGreaterThanOrEqual(3);
  });

  it('goes for good by pieces, and the others stay', async () => {
    expect((await room.teacher.call('DELETE', `/api/experiments/${id}`)).status).toBe(204);
    expect((await room.teacher.call('DELETE', `/api/bin/${id}`)).status).toBe(204);
    const { models } = room.server.database;
    expect([await models.experiments.count(), await models.observations.count({ where: { experimentId: id } })]).toEqual([1, 0]);
    expect((await room.teacher.call('POST', `/api/bin/${id}`)).status).toBe(404);
  });
});
