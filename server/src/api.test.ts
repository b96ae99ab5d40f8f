import { itemAt } from '@fern/core';
import { QueryTypes } from 'sequelize';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Experiment, Observation } from '@fern/core';
import type { ExperimentLine, ExperimentRecord, ProblemDetails } from '@fern/contract';
import { goodBodies, password, anyPlan, anyReading, startRoutes } from './routeFixtures';
import { routes } from './routes/index';
import { startTestServer, type HttpAnswer, type Caller, type TestServer } from './testServer';

const problem = (answer: HttpAnswer) => answer.body as ProblemDetails;

let server: TestServer;
let teacher: Caller;
let stranger: Caller;
let id: string;

beforeAll(async () => {
  ({ server, teacher, stranger, id } = await startRoutes());
});
afterAll(() => server.stop());

describe('accounts', () => {
  it('before the first there is none, and the door says so', async () => {
    const fresh = await startTestServer();
    expect((await fresh.caller().call('GET', '/api/session')).body).toMatchObject({ account: null, firstStart: true, demo: [] });
    await fresh.stop();
  });

  it('makes the first account once, and stores no password', async () => {
    expect((await server.caller().call('POST', '/api/accounts', { name: 'Second', password })).status).toBe(409);
    const row = await server.database.models.accounts.findOne({ where: { name: 'M. Bracken' } });
    expect(row?.password).toMatch(/^scrypt\$/);
    expect(row?.password).not.toContain(password);
  });

  it('signs in and out, and refuses a wrong password with its place', async () => {
    const caller = server.caller();
    const refused = await caller.call('POST', '/api/session', { name: 'M. Bracken', password: 'wrong' });
    expect(refused.status).toBe(401);
    expect(problem(refused).errors?.[0]?.pointer).toBe('/password');
    expect((await caller.call('POST', '/api/session', { name: 'M. Bracken', password })).status).toBe(200);
    expect((await caller.call('GET', '/api/experiments')).status).toBe(200);
    await caller.call('DELETE', '/api/session');
    expect((await caller.call('GET', '/api/experiments')).status).toBe(401);
  });

  it('keeps the demo’s one-click entries out of everyday use', async () => {
    expect((await server.caller().call('POST', '/api/session/demo', { account: 'other' })).status).toBe(404);
    const demo = await startTestServer({ demo: true });
    await demo.database.write(({ models }) =>
      models.accounts.create({ id: 'd', name: 'Demo', password: 'scrypt$AAAA$AAAA', demo: true, createdAt: '2026' }),
    );
    const caller = demo.caller();
    expect((await caller.call('POST', '/api/session/demo', { account: 'd' })).body).toMatchObject({ account: { name: 'Demo' } });
    expect((await caller.call('GET', '/api/experiments')).body).toEqual([]);
    await demo.stop();
  });

  it('limits attempts to sign in by account and address: one child cannot shut out a class', async () => {
    const limited = await startTestServer({ signInAttempts: 2 });
    const caller = limited.caller();
    const attempt = (name: string) => caller.call('POST', '/api/session', { name, password: 'y' });
    expect([(await attempt('x')).status, (await attempt('X ')).status]).toEqual([401, 401]);
    const refused = await attempt('x');
    expect(refused.status).toBe(429);
    expect(problem(refused).detail).toMatch(/Try again in \d+ minutes?\./);
    expect((await attempt('another')).status).toBe(401);
    await limited.stop();
  });

  it('80 calls to make a first account, where there is one, cost nothing and are cut short', async () => {
    const busy = await startTestServer({ signInAttempts: 3 });
    await busy.caller().call('POST', '/api/accounts', { name: 'First', password });
    const calls = Array.from({ length: 80 }, (_, i) => busy.caller().call('POST', '/api/accounts', { name: `n${i}`, password }));
    const statuses = (await Promise.all(calls)).map(({ status }) => status);
    expect(statuses.filter((status) => status === 409)).toHaveLength(45);
    expect(statuses.filter((status) => status === 429)).toHaveLength(35);
    expect(await busy.database.models.accounts.count()).toBe(1);
    await busy.stop();
  });
});

describe('the table of routes', () => {
  const fill = (path: string) => `/api${path.replace(':id', id).replace(':unit', 'D01').replace(':file', 'f.jpg')}`;

  it.each(routes.filter((line) => line.who === 'owner').map((line) => [line.method, line.path] as const))(
    '%s %s answers 404 to another account',
    async (method, path) => {
      expect((await stranger.call(method.toUpperCase(), fill(path), goodBodies[`${method} ${path}`])).status).toBe(404);
    },
  );

  it.each(routes.filter((line) => line.who === 'owner' || line.who === 'signed-in').map((line) => [line.method, line.path] as const))(
    '%s %s answers 401 without a session',
    async (method, path) => {
      expect((await server.caller().call(method.toUpperCase(), fill(path), goodBodies[`${method} ${path}`])).status).toBe(401);
    },
  );

  it.each(routes.filter((line) => line.method !== 'get').map((line) => [line.method, line.path] as const))(
    '%s %s needs the app’s header',
    async (method, path) => {
      expect((await teacher.call(method.toUpperCase(), fill(path), goodBodies[`${method} ${path}`], { 'x-fern-test': null })).status).toBe(
        403,
      );
    },
  );

  it('answers malformed bodies, ids and queries with a problem, never with a 5xx', async () => {
    const junk = [
      '{',
      'null',
      '[]',
      '"x"',
      ' ',
      '{"observations": 5}',
      '{"observations": [{}]}',
      '{"version": 1e99, "experiment": {"arms": "x"}}',
      '{"name": {}, "password": []}',
      '{"name": "a\\u0000b", "password": "longenough"}',
      '{"status": "lost", "statusReason": "\\u0000"}',
    ];
    const ids = ['%00', '..%2f..', "'; DROP TABLE units; --", 'x'.repeat(5000), '%E0%A4%A'];
    const json = { 'content-type': 'application/json' };
    for (const line of routes.filter((r) => r.method !== 'get' && r.method !== 'delete')) {
      for (const body of junk) {
        const { status } = await teacher.call(line.method.toUpperCase(), fill(line.path), body, json);
        expect(status, `${line.method} ${line.path} ${body}`).toBeGreaterThanOrEqual(400);
        expect(status, `${line.method} ${line.path} ${body}`).toBeLessThan(500);
      }
    }
    for (const line of routes.filter((r) => r.path.includes(':id'))) {
      for (const bad of ids) {
        const path = `/api${line.path.replace(':id', bad).replace(':unit', bad).replace(':file', bad)}?x[]=1&__proto__=2`;
        const { status } = await teacher.call(line.method.toUpperCase(), path, line.method === 'get' ? undefined : '{}', json);
        expect(status, path.slice(0, 60)).toBeGreaterThanOrEqual(400);
        expect(status, path.slice(0, 60)).toBeLessThan(500);
      }
    }
  });
});

describe('experiments', () => {
  it('gives back what was stored, and tells Today what has been read', async () => {
    expect((await teacher.call('GET', `/api/experiments/${id}`)).body).toEqual({ id, version: 1, experiment: anyPlan });
    const own = (await teacher.call('GET', '/api/experiments')).body as ExperimentLine[];
    expect(own.find((row) => row.id === id)).toEqual({
      ...{
        id,
        title: anyPlan.title,
        unitWord: anyPlan.plan.unitNoun,
        startedOn: null,
        walks: [],
        steps: [],
        timers: [],
        place: anyPlan.plan.place,
      },
      measures: anyPlan.measures.map(({ name, kind }) => ({ name, kind })),
    });
  });

  it('tells Today that a tank is read once it is, whichever unit stands for it', async () => {
    const units = anyPlan.units.map((unit, i) => ({ ...unit, container: i < 4 ? 'tank 1' : 'tank 2' }));
    const measures = anyPlan.measures
      .map((own, i) => ({ ...own, by: i === 0 ? ('container' as const) : own.by, kind: 'amount' as const, readingDays: [3] }))
      .slice(0, 1);
    const started = { ...anyPlan, units, measures, startedOn: '2026-04-01', plan: { ...anyPlan.plan, lockedOn: '2026-04-01' } };
    const made = (await teacher.call('POST', '/api/experiments', started)).body as ExperimentRecord;
    const left = async () => {
      const list = (await teacher.call('GET', '/api/experiments')).body as ExperimentLine[];
      return list.find((row) => row.id === made.id)?.walks.map((round) => round.left);
    };
    expect(await left()).toEqual([2]);
    const post = (unit: string) =>
      teacher.call('POST', `/api/experiments/${made.id}/observations`, {
        observations: [anyReading(`t-${unit}`, { unit, measure: itemAt(measures, 0).code, value: 21, plannedDay: 3 })],
      });
    expect((await post(itemAt(units, 0).code)).status).toBe(200);
    expect(await left()).toEqual([1]);
    await teacher.call('PATCH', `/api/experiments/${made.id}/units/${itemAt(units, 0).code}`, { status: 'lost', statusReason: 'dropped' });
    expect(await left()).toEqual([1]);
    await post(itemAt(units, 4).code);
    expect((await left()) ?? []).not.toContain(1);
  });

  it('tells a conflict of two editors, and overwrites nothing', async () => {
    const made = (await teacher.call('POST', '/api/experiments', anyPlan)).body as ExperimentRecord;
    const first = await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: { ...anyPlan, title: 'First' } });
    expect(first.body).toMatchObject({ version: 2 });
    const second = await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: { ...anyPlan, title: 'Second' } });
    expect(second.status).toBe(409);
    expect((await teacher.call('GET', `/api/experiments/${made.id}`)).body).toMatchObject({ version: 2, experiment: { title: 'First' } });
    expect((await teacher.call('DELETE', `/api/experiments/${made.id}`)).status).toBe(204);
    expect((await teacher.call('GET', `/api/experiments/${made.id}`)).status).toBe(404);
  });

  it('answers a change whose reply was lost as it did the first time', async () => {
    const made = (await teacher.call('POST', '/api/experiments', anyPlan)).body as ExperimentRecord;
    const change = { version: 1, experiment: { ...anyPlan, title: 'Once' } };
    const first = await teacher.call('PUT', `/api/experiments/${made.id}`, change);
    const again = await teacher.call('PUT', `/api/experiments/${made.id}`, change);
    expect([again.status, again.body]).toEqual([200, first.body]);
    const other = await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: { ...anyPlan, title: 'Twice' } });
    expect(other.status).toBe(409);
  });

  it('a plan cannot be thawed in two saves', async () => {
    const frozen = { ...anyPlan, plan: { ...anyPlan.plan, lockedOn: '2026-04-01' } };
    const made = (await teacher.call('POST', '/api/experiments', frozen)).body as ExperimentRecord;
    const amendments = [{ on: '2026-04-03', what: 'a', reason: 'b' }];
    const thawed = { ...frozen, plan: { ...frozen.plan, lockedOn: null, amendments } };
    const answer = await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: thawed });
    expect(answer.status).toBe(422);
    expect(problem(answer).errors?.[0]?.pointer).toBe('/experiment/plan/lockedOn');
  });

  it('a document that was stored before a field existed is filled up with its blank', async () => {
    const made = (await teacher.call('POST', '/api/experiments', anyPlan)).body as ExperimentRecord;
    const { decision: _decision, ...older } = anyPlan.plan;
    const { units: _units, ...document } = { ...anyPlan, plan: older };
    await server.database.write(({ models }) =>
      models.experiments.update({ document: JSON.stringify(document) }, { where: { id: made.id } }),
    );
    expect((await teacher.call('GET', `/api/experiments/${made.id}`)).body).toMatchObject({ experiment: { plan: { decision: '' } } });
  });

  it('a frozen plan changes only by an amendment', async () => {
    const frozen = { ...anyPlan, plan: { ...anyPlan.plan, lockedOn: '2026-04-01' } };
    const made = (await teacher.call('POST', '/api/experiments', frozen)).body as ExperimentRecord;
    const bent = { ...frozen, hypothesis: 'Another one' };
    const refused = await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: bent });
    expect(refused.status).toBe(422);
    expect(problem(refused).errors?.[0]?.pointer).toBe('/experiment/plan/amendments');
    const amended = { ...bent, plan: { ...bent.plan, amendments: [{ on: '2026-04-03', what: 'hypothesis', reason: 'it was misread' }] } };
    expect((await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: amended })).status).toBe(200);
    const report = { ...amended, writing: { ...amended.writing, discussion: 'As typed.\n' } };
    expect((await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 2, experiment: report })).status).toBe(200);
  });

  it.each<[string, Partial<Experiment>, RegExp]>([
    ['no arm', { arms: [] }, /no groups/],
    ['two controls', { arms: anyPlan.arms.map((arm) => ({ ...arm, role: 'control' as const })) }, /two controls/],
    ['0 units', { units: [] }, /0 units/],
    ['401 units', { units: Array.from({ length: 401 }, (_, i) => ({ ...itemAt(anyPlan.units, 0), code: `u${i}` })) }, /more than 400/],
  ])('stores nothing of a plan with %s', async (_, change, message) => {
    const before = await server.database.models.experiments.count();
    const answer = await teacher.call('POST', '/api/experiments', { ...anyPlan, ...change });
    expect(answer.status).toBe(422);
    expect(answer.headers.get('content-type')).toContain('application/problem+json');
    expect(problem(answer).detail).toMatch(message);
    expect(await server.database.models.experiments.count()).toBe(before);
  });
});

describe('readings', () => {
  const post = (observations: unknown[]) => teacher.call('POST', `/api/experiments/${id}/observations`, { observations });
  const stored = () => server.database.models.observations.count({ where: { experimentId: id } });

  it('the same id posted twice is one row and answers as the first time', async () => {
    const first = await post([anyReading('r1')]);
    const again = await post([anyReading('r1')]);
    expect(again.status).toBe(first.status);
    expect(again.body).toEqual(first.body);
    expect(await stored()).toBe(1);
    const other = await post([anyReading('r1', { value: 13 })]);
    expect(other.status).toBe(422);
    expect(problem(other).errors?.[0]).toMatchObject({ pointer: '/observations/0/id' });
  });

  it.each<[string, Record<string, unknown>, string, RegExp]>([
    ['a negative value', { value: -1 }, '/observations/1/value', /below 0/],
    ['text for a number', { value: 'twelve' }, '/observations/1/value', /number/],
    ['a comma for a point', { value: '12,5' }, '/observations/1/value', /number/],
    ['a day to come', { observedOn: '2099-01-01' }, '/observations/1/observedOn', /still to come/],
    ['half a sprout', { value: 1.5 }, '/observations/1/value', /whole number/],
    ['a date that does not exist', { observedOn: '2026-04-31' }, '/observations/1/observedOn', /not a date/],
    ['a unit that is not there', { unit: 'D99' }, '/observations/1/unit', /no dish D99/],
    ['a measure that is not there', { measure: 'mass' }, '/observations/1/measure', /no measure/],
    ['a correction of nothing', { replaces: 'nobody' }, '/observations/1/replaces', /earlier reading/],
  ])('refuses %s, names the place, and stores nothing of the request', async (_, change, pointer, detail) => {
    const before = await stored();
    const answer = await post([anyReading('fine'), { ...anyReading('wrong'), ...change }]);
    expect(answer.status).toBe(422);
    expect(problem(answer).errors?.[0]).toMatchObject({ pointer, detail: expect.stringMatching(detail) });
    expect(await stored()).toBe(before);
  });

  it('stores what is unlikely, and names what is to be looked at again', async () => {
    const answer = await post([
      anyReading('odd1', { unit: 'D05', value: 26 }),
      anyReading('odd2', { unit: 'D06', observedOn: '2026-03-31' }),
      anyReading('odd3', { unit: 'D07', observedOn: '2026-04-06', value: 2 }),
    ]);
    expect(answer.status).toBe(200);
    expect((answer.body as { asked: object }).asked).toEqual([
      { pointer: '/observations/0/value', detail: '26 is more than the 25 sown in D05. Count again.' },
      { pointer: '/observations/1/observedOn', detail: '31 Mar 2026 is before the start on 1 Apr 2026.' },
    ]);
    const fell = await post([anyReading('odd4', { unit: 'D07', observedOn: '2026-04-08', value: 1 })]);
    expect(fell.body).toMatchObject({ asked: [{ pointer: '/observations/0/value', detail: expect.stringContaining('went from 2') }] });
  });

  it('a correction is a new row that names the old one; the old one stays', async () => {
    await post([anyReading('r2', { unit: 'D02' })]);
    await post([anyReading('r3', { unit: 'D02', value: 14, replaces: 'r2' })]);
    const all = (await teacher.call('GET', `/api/experiments/${id}/observations`)).body as Observation[];
    expect(all.filter((seen) => seen.unit === 'D02').map((seen) => [seen.id, seen.value, seen.replaces])).toEqual([
      ['r2', 12, null],
      ['r3', 14, 'r2'],
    ]);
    const change = `UPDATE observations SET value = 1 WHERE id = 'r2'`;
    await expect(server.database.write(({ sequelize }) => sequelize.query(change))).rejects.toThrow();
    await expect(server.database.sequelize.query(change)).rejects.toThrow(/readonly/);
    expect((await server.database.models.observations.findOne({ where: { id: 'r2' } }))?.value).toBe(12);
  });

  it('1,000 rows in one request are one transaction', async () => {
    const rows = Array.from({ length: 1000 }, (_, i) =>
      anyReading(`many-${i}`, { unit: `D${String(1 + (i % 12)).padStart(2, '0')}`, value: i % 25 }),
    );
    const before = await stored();
    expect((await post([...rows.slice(0, 999), { ...rows[999], unit: 'D77' }])).status).toBe(422);
    expect(await stored()).toBe(before);
    expect((await post(rows)).status).toBe(200);
    expect(await stored()).toBe(before + 1000);
  });
});

it('writes ahead, syncs fully and holds foreign keys', async () => {
  const value = (name: string) =>
    server.database.write(async ({ sequelize }) => {
      const row = itemAt(
        await sequelize.query<{ value: unknown }>(`SELECT ${name} AS value FROM pragma_${name}`, { type: QueryTypes.SELECT }),
        0,
      );
      return row.value;
    });
  expect(await value('journal_mode')).toBe('wal');
  expect(await value('synchronous')).toBe(2);
  expect(await value('foreign_keys')).toBe(1);
});
