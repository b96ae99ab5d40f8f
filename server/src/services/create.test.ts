import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Observation, Study } from '@fern/core';
import { anyPlan, anyReading, startRoutes, type RouteFixture } from '../routeFixtures';
import { openDatabase } from '../openDatabase';
import { createExperiments } from './create';

const READINGS = process.env.FERN_ALL === '1' ? 20_000 : 5000;
const observations = Array.from({ length: READINGS }, (_, i): Observation =>
  anyReading(`r${i}`, { unit: `D${String(1 + (i % 12)).padStart(2, '0')}` }),
);
const large: Study = { experiment: { ...anyPlan, title: 'A whole year' }, observations, incidents: [], care: [], photos: [] };
/** Its last reading is of a unit that is not there. */
const broken: Study = { ...large, observations: [...observations.slice(1), anyReading('last', { unit: 'X1' })] };
const sent = { key: '0192c000-0000-7000-8000-000000000001', digest: 'the same' };

let room: RouteFixture;
let owner: string;
beforeEach(async () => {
  room = await startRoutes();
  owner = (await room.server.database.models.accounts.findOne({ where: { name: 'M. Bracken' } }))?.id ?? '';
});
afterEach(() => room.server.stop());

const titles = async () => ((await room.teacher.call('GET', '/api/experiments')).body as { title: string }[]).map(({ title }) => title);
const stored = () => room.server.database.models.observations.count();

describe('a large experiment', () => {
  it('lets others’ changes come between, and is not found before it is whole', async () => {
    let whole = false;
    const arriving = createExperiments(room.server.database, owner, [{ study: large }], 'imported', sent).then(() => (whole = true));
    let between = 0;
    while (!whole) {
      const posted = await room.teacher.call('POST', `/api/experiments/${room.id}/observations`, {
        observations: [anyReading(`between-${between}`)],
      });
      expect(posted.status).toBe(200);
      const found = [await titles(), (await room.teacher.call('GET', `/api/experiments/${sent.key}`)).status];
      if (whole) break;
      between++;
      expect(found).toEqual([[anyPlan.title], 404]);
    }
    await arriving;
    expect(between).toBeGreaterThan(0);
    expect(await titles()).toContain('A whole year');
    expect(await stored()).toBe(READINGS + between + 1);
  });

  it('that breaks near its end leaves nothing behind, and its key is free again', async () => {
    await expect(createExperiments(room.server.database, owner, [{ study: large }, { study: broken }], 'imported', sent)).rejects.toThrow(
      'no such unit',
    );
    expect(await stored()).toBe(0);
    expect(await titles()).toEqual([anyPlan.title]);
    await createExperiments(room.server.database, owner, [{ study: large }], 'imported', sent);
    expect(await stored()).toBe(READINGS);
  });

  it('that is sent again while it still arrives is not stored twice', async () => {
    const first = createExperiments(room.server.database, owner, [{ study: large }], 'imported', sent);
    await expect(createExperiments(room.server.database, owner, [{ study: large }], 'imported', sent)).rejects.toThrow(
      'being stored already',
    );
    await first;
    expect((await createExperiments(room.server.database, owner, [{ study: large }], 'imported', sent)).id).toBe(sent.key);
    expect(await stored()).toBe(READINGS);
  });

  it('that was half stored when the server stopped is gone when it starts again', async () => {
    const { database, file } = room.server;
    await createExperiments(database, owner, [{ study: large }], 'imported', sent);
    await database.write(({ models }) => models.experiments.update({ version: 0 }, { where: { id: sent.key } }));
    await room.server.stop({ keepFiles: true });
    const again = await openDatabase(file);
    expect([await again.models.experiments.count(), await again.models.observations.count()]).toEqual([1, 0]);
    await again.close();
    room = await startRoutes();
  });
});
