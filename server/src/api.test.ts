import { QueryTypes } from 'sequelize';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { anySprouting, experimentFrom, readPackage, unzipPackage, type Experiment, type Observation, type Study } from '@fern/core';
import type { ExperimentProgress, ExperimentRecord, Problem, StudyRecord } from '@fern/contract';
import { routes } from './routes/index';
import { startTestServer, type Answer, type Caller, type TestServer } from './testServer';

const password = 'moss and fern';
const plan: Experiment = experimentFrom(anySprouting, { created: '2026-04-01T08:00:00Z', startOn: '2026-04-01', seed: 4 });
const reading = (id: string, more: Partial<Observation> = {}): Observation => ({
  id,
  unit: 'D01',
  plant: null,
  measure: 'sprouts',
  observedOn: '2026-04-04',
  value: 12,
  category: null,
  observer: 'Bracken',
  blinded: false,
  source: 'hand',
  note: null,
  replaces: null,
  ...more,
});
const problem = (answer: Answer) => answer.body as Problem;

let server: TestServer;
let teacher: Caller;
let stranger: Caller;
let id: string;

beforeAll(async () => {
  server = await startTestServer();
  teacher = server.caller();
  expect((await teacher.call('GET', '/api/session')).body).toMatchObject({ account: null, firstStart: true, demo: [] });
  expect((await teacher.call('POST', '/api/accounts', { name: 'M. Bracken', password })).status).toBe(201);
  await server.database.write(({ models }) =>
    models.accounts.create({ id: 'other', name: 'Other', password: 'scrypt$AAAA$AAAA', demo: true, createdAt: '2026' }),
  );
  stranger = server.caller();
  const { startSession } = await import('./services/accounts');
  const token = await startSession(server.database, 'other');
  stranger = {
    call: (method, path, body, headers = {}) => server.caller().call(method, path, body, { ...headers, cookie: `fern_session=${token}` }),
  };
  const made = await teacher.call('POST', '/api/experiments', plan);
  expect(made.status).toBe(201);
  id = (made.body as ExperimentRecord).id;
});
afterAll(() => server.stop());

describe('accounts', () => {
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
    expect(problem(refused).errors?.[0].pointer).toBe('/password');
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
  const bodies: Record<string, unknown> = {
    'put /experiments/:id': { version: 1, experiment: plan },
    'patch /experiments/:id/units/:unit': { status: 'lost', statusReason: 'dropped' },
    'post /experiments/:id/observations': { observations: [reading('stranger')] },
    'post /experiments/:id/happenings': { id: 'h', on: '2026-04-02', kind: 'other', arms: [], units: [], note: '' },
    'post /experiments/:id/care': {
      id: 'c',
      on: '2026-04-02',
      unit: null,
      arm: null,
      kind: 'water',
      amount: 1,
      amountUnit: 'mL',
      note: null,
    },
  };
  const fill = (path: string) => `/api${path.replace(':id', id).replace(':unit', 'D01')}`;

  it.each(routes.filter((line) => line.who === 'owner').map((line) => [line.method, line.path] as const))(
    '%s %s answers 404 to another account',
    async (method, path) => {
      expect((await stranger.call(method.toUpperCase(), fill(path), bodies[`${method} ${path}`])).status).toBe(404);
    },
  );

  it.each(routes.filter((line) => line.who === 'owner' || line.who === 'signed-in').map((line) => [line.method, line.path] as const))(
    '%s %s answers 401 without a session',
    async (method, path) => {
      expect((await server.caller().call(method.toUpperCase(), fill(path), bodies[`${method} ${path}`])).status).toBe(401);
    },
  );

  it.each(routes.filter((line) => line.method !== 'get').map((line) => [line.method, line.path] as const))(
    '%s %s needs the app’s header',
    async (method, path) => {
      expect((await teacher.call(method.toUpperCase(), fill(path), bodies[`${method} ${path}`], { 'x-fern-test': null })).status).toBe(403);
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
        const path = `/api${line.path.replace(':id', bad).replace(':unit', bad)}?x[]=1&__proto__=2`;
        const { status } = await teacher.call(line.method.toUpperCase(), path, line.method === 'get' ? undefined : '{}', json);
        expect(status, path.slice(0, 60)).toBeGreaterThanOrEqual(400);
        expect(status, path.slice(0, 60)).toBeLessThan(500);
      }
    }
  });
});

describe('experiments', () => {
  it('gives back what was stored, and tells Today what has been read', async () => {
    expect((await teacher.call('GET', `/api/experiments/${id}`)).body).toEqual({ id, version: 1, experiment: plan });
    const own = (await teacher.call('GET', '/api/experiments')).body as ExperimentProgress[];
    expect(own.find((row) => row.id === id)?.experiment.units).toHaveLength(12);
  });

  it('tells a conflict of two editors, and overwrites nothing', async () => {
    const made = (await teacher.call('POST', '/api/experiments', plan)).body as ExperimentRecord;
    const first = await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: { ...plan, title: 'First' } });
    expect(first.body).toMatchObject({ version: 2 });
    const second = await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: { ...plan, title: 'Second' } });
    expect(second.status).toBe(409);
    expect((await teacher.call('GET', `/api/experiments/${made.id}`)).body).toMatchObject({ version: 2, experiment: { title: 'First' } });
    expect((await teacher.call('DELETE', `/api/experiments/${made.id}`)).status).toBe(204);
    expect((await teacher.call('GET', `/api/experiments/${made.id}`)).status).toBe(404);
  });

  it('answers a change whose reply was lost as it did the first time', async () => {
    const made = (await teacher.call('POST', '/api/experiments', plan)).body as ExperimentRecord;
    const change = { version: 1, experiment: { ...plan, title: 'Once' } };
    const first = await teacher.call('PUT', `/api/experiments/${made.id}`, change);
    const again = await teacher.call('PUT', `/api/experiments/${made.id}`, change);
    expect([again.status, again.body]).toEqual([200, first.body]);
    const other = await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: { ...plan, title: 'Twice' } });
    expect(other.status).toBe(409);
  });

  it('a plan cannot be thawed in two saves', async () => {
    const frozen = { ...plan, plan: { ...plan.plan, frozenOn: '2026-04-01' } };
    const made = (await teacher.call('POST', '/api/experiments', frozen)).body as ExperimentRecord;
    const amendments = [{ on: '2026-04-03', what: 'a', reason: 'b' }];
    const thawed = { ...frozen, plan: { ...frozen.plan, frozenOn: null, amendments } };
    const answer = await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: thawed });
    expect(answer.status).toBe(422);
    expect(problem(answer).errors?.[0].pointer).toBe('/experiment/plan/frozenOn');
  });

  it('a document that was stored before a field existed is filled up with its blank', async () => {
    const made = (await teacher.call('POST', '/api/experiments', plan)).body as ExperimentRecord;
    const { decision: _decision, ...older } = plan.plan;
    const { units: _units, ...document } = { ...plan, plan: older };
    await server.database.write(({ models }) =>
      models.experiments.update({ document: JSON.stringify(document) }, { where: { id: made.id } }),
    );
    expect((await teacher.call('GET', `/api/experiments/${made.id}`)).body).toMatchObject({ experiment: { plan: { decision: '' } } });
  });

  it('a frozen plan changes only by an amendment', async () => {
    const frozen = { ...plan, plan: { ...plan.plan, frozenOn: '2026-04-01' } };
    const made = (await teacher.call('POST', '/api/experiments', frozen)).body as ExperimentRecord;
    const bent = { ...frozen, hypothesis: 'Another one' };
    const refused = await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: bent });
    expect(refused.status).toBe(422);
    expect(problem(refused).errors?.[0].pointer).toBe('/experiment/plan/amendments');
    const amended = { ...bent, plan: { ...bent.plan, amendments: [{ on: '2026-04-03', what: 'hypothesis', reason: 'it was misread' }] } };
    expect((await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 1, experiment: amended })).status).toBe(200);
    const report = { ...amended, writing: { ...amended.writing, discussion: 'As typed.\n' } };
    expect((await teacher.call('PUT', `/api/experiments/${made.id}`, { version: 2, experiment: report })).status).toBe(200);
  });

  it.each<[string, Partial<Experiment>, RegExp]>([
    ['no arm', { arms: [] }, /no arm/],
    ['two controls', { arms: plan.arms.map((arm) => ({ ...arm, role: 'control' as const })) }, /two controls/],
    ['0 units', { units: [] }, /0 units/],
    ['401 units', { units: Array.from({ length: 401 }, (_, i) => ({ ...plan.units[0], unit: `u${i}` })) }, /more than 400/],
  ])('stores nothing of a plan with %s', async (_, change, message) => {
    const before = await server.database.models.experiments.count();
    const answer = await teacher.call('POST', '/api/experiments', { ...plan, ...change });
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
    const first = await post([reading('r1')]);
    const again = await post([reading('r1')]);
    expect(again.status).toBe(first.status);
    expect(again.body).toEqual(first.body);
    expect(await stored()).toBe(1);
    const other = await post([reading('r1', { value: 13 })]);
    expect(other.status).toBe(422);
    expect(problem(other).errors?.[0]).toMatchObject({ pointer: '/observations/0/id' });
  });

  it.each<[string, Record<string, unknown>, string, RegExp]>([
    ['a negative value', { value: -1 }, '/observations/1/value', /below 0/],
    ['text for a number', { value: 'twelve' }, '/observations/1/value', /number/],
    ['a comma for a point', { value: '12,5' }, '/observations/1/value', /number/],
    ['more than sown', { value: 26 }, '/observations/1/value', /more than the 25 sown/],
    ['half a sprout', { value: 1.5 }, '/observations/1/value', /whole number/],
    ['a date before the start', { observedOn: '2026-03-31' }, '/observations/1/observedOn', /before the start/],
    ['a date that does not exist', { observedOn: '2026-04-31' }, '/observations/1/observedOn', /not a date/],
    ['a unit that is not there', { unit: 'D99' }, '/observations/1/unit', /no unit D99/],
    ['a measure that is not there', { measure: 'mass' }, '/observations/1/measure', /no measure/],
    ['a correction of nothing', { replaces: 'nobody' }, '/observations/1/replaces', /earlier reading/],
  ])('refuses %s, names the place, and stores nothing of the request', async (_, change, pointer, detail) => {
    const before = await stored();
    const answer = await post([reading('fine'), { ...reading('wrong'), ...change }]);
    expect(answer.status).toBe(422);
    expect(problem(answer).errors?.[0]).toMatchObject({ pointer, detail: expect.stringMatching(detail) });
    expect(await stored()).toBe(before);
  });

  it('a correction is a new row that names the old one; the old one stays', async () => {
    await post([reading('r2', { unit: 'D02' })]);
    await post([reading('r3', { unit: 'D02', value: 14, replaces: 'r2' })]);
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
      reading(`many-${i}`, { unit: `D${String(1 + (i % 12)).padStart(2, '0')}`, value: i % 25 }),
    );
    const before = await stored();
    expect((await post([...rows.slice(0, 999), { ...rows[999], unit: 'D77' }])).status).toBe(422);
    expect(await stored()).toBe(before);
    expect((await post(rows)).status).toBe(200);
    expect(await stored()).toBe(before + 1000);
  });
});

describe('what a client makes', () => {
  const key = '01980000-0000-7000-8000-000000000001';
  const under = (id: string) => ({ 'idempotency-key': id });
  const event = { id: 'e1', on: '2026-04-03', kind: 'other', arms: [], units: ['D01'], note: 'a cat sat on it' };
  const care = { id: 'c1', on: '2026-04-03', unit: 'D01', arm: null, kind: 'water', amount: 20, amountUnit: 'mL', note: null };

  it.each([
    ['happenings', event, { note: 'two cats' }],
    ['care', care, { amount: 30 }],
  ] as const)(
    'the same entry of %s again is the same one; with other content it is refused, and the first stays',
    async (path, entry, other) => {
      const address = `/api/experiments/${id}/${path}`;
      expect([(await teacher.call('POST', address, entry)).status, (await teacher.call('POST', address, entry)).status]).toEqual([
        200, 200,
      ]);
      const refused = await teacher.call('POST', address, { ...entry, ...other });
      expect(refused.status).toBe(409);
      expect(problem(refused).errors?.[0].pointer).toBe('/id');
      const study = (await teacher.call('GET', `/api/experiments/${id}/study`)).body as StudyRecord;
      expect(study[path].filter((own) => own.id === entry.id)).toEqual([entry]);
    },
  );

  it('an experiment sent again under its key, after a lost reply, is one experiment', async () => {
    const before = await server.database.models.experiments.count();
    const first = await teacher.call('POST', '/api/experiments', plan, under(key));
    const again = await teacher.call('POST', '/api/experiments', plan, under(key));
    expect([first.status, again.status]).toEqual([201, 201]);
    expect(again.body).toEqual(first.body);
    expect(first.body).toMatchObject({ id: key });
    expect(await server.database.models.experiments.count()).toBe(before + 1);
    expect((await teacher.call('POST', '/api/experiments', { ...plan, title: 'Another' }, under(key))).status).toBe(409);
    expect((await stranger.call('POST', '/api/experiments', plan, under(key))).status).toBe(409);
    expect((await teacher.call('POST', '/api/experiments', plan, under('mine'))).status).toBe(422);
  });

  it('so is a package', async () => {
    const zip = (await teacher.call('GET', `/api/experiments/${id}/package`)).body as Uint8Array;
    const sent = { 'idempotency-key': '01980000-0000-7000-8000-000000000002' };
    const before = await server.database.models.experiments.count();
    const [first, again] = [await teacher.call('POST', '/api/packages', zip, sent), await teacher.call('POST', '/api/packages', zip, sent)];
    expect([first.status, again.status]).toEqual([201, 201]);
    expect(await server.database.models.experiments.count()).toBe(before + 1);
  });
});

describe('corrections', () => {
  const post = (observations: unknown[]) => teacher.call('POST', `/api/experiments/${id}/observations`, { observations });
  const of = (own: string, value: number, replaces: string | null) => reading(own, { unit: 'D05', value, replaces });

  it('a reading is corrected once; who corrects it as well is told of the other', async () => {
    await post([of('k1', 10, null)]);
    expect((await post([of('k2', 11, 'k1')])).status).toBe(200);
    const refused = await post([of('k3', 12, 'k1')]);
    expect(refused.status).toBe(422);
    expect(problem(refused).errors?.[0]).toMatchObject({
      pointer: '/observations/0/replaces',
      detail: expect.stringMatching(/already, to 11/),
    });
    expect((await post([of('k2', 11, 'k1')])).status).toBe(200);
    expect((await post([of('k4', 12, 'k2')])).status).toBe(200);
  });

  it('two of one reading, a ring, and a reading that corrects itself are refused in one request too', async () => {
    await post([of('m1', 10, null)]);
    expect((await post([of('m2', 11, 'm1'), of('m3', 12, 'm1')])).status).toBe(422);
    expect((await post([of('n1', 11, 'n2'), of('n2', 12, 'n1')])).status).toBe(422);
    expect((await post([of('o1', 11, 'o1')])).status).toBe(422);
    expect((await post([of('p1', 11, null), of('p2', 12, 'p1'), of('p3', 13, 'p2')])).status).toBe(200);
  });
});

it('a full disk is said, and nothing of the change is kept', async () => {
  const full = await startTestServer();
  const caller = full.caller();
  await caller.call('POST', '/api/accounts', { name: 'First', password });
  await full.database.write(({ sequelize }) => sequelize.query('PRAGMA max_page_count = 1'));
  const long = { ...plan, writing: { ...plan.writing, background: 'x'.repeat(19_000) } };
  const answers = [];
  for (let i = 0; i < 4; i++) answers.push(await caller.call('POST', '/api/experiments', long));
  const refused = answers.filter(({ status }) => status === 507);
  expect(refused.length).toBeGreaterThan(0);
  expect(problem(refused[0]).detail).toMatch(/disk .* is full\. Nothing was stored/);
  expect(await full.database.models.experiments.count()).toBe(answers.filter(({ status }) => status === 201).length);
  await full.stop();
});

describe('calls that no page makes', () => {
  it('another method is told which ones there are', async () => {
    const answer = await teacher.call('PUT', '/api/experiments', plan);
    expect(answer.status).toBe(405);
    expect(answer.headers.get('allow')).toBe('GET, POST');
    expect(answer.headers.get('content-type')).toContain('application/problem+json');
  });

  it('content that is no JSON is refused as such', async () => {
    expect((await teacher.call('POST', '/api/experiments', 'a=b', { 'content-type': 'application/x-www-form-urlencoded' })).status).toBe(
      415,
    );
  });

  it.each(['j:{"a":1}', 'j:[1,2]', 's:x', '%E0%A4%A', '"'])('a cookie of the form %s is no session, and no error', async (value) => {
    const { status } = await server.caller().call('GET', '/api/experiments', undefined, { cookie: `fern_session=${value}` });
    expect(status).toBe(401);
  });

  it.each([
    ['half a pair of characters', '{"observations":[{"id":"\\ud800"}]}'],
    ['half a pair in a key', '{"\\udfff":1}'],
  ])('%s is refused as unreadable', async (_, body) => {
    const { status } = await teacher.call('POST', `/api/experiments/${id}/observations`, body, { 'content-type': 'application/json' });
    expect(status).toBe(400);
  });

  it.each([
    ['observations', (list: number[]) => ({ observations: list }), 'POST', '/observations'],
    [
      'reading days',
      (list: number[]) => ({ version: 1, experiment: { ...plan, measures: [{ ...plan.measures[0], readingDays: list }] } }),
      'PUT',
      '',
    ],
  ] as const)('200,000 numbers as %s are refused', async (_, body, method, path) => {
    const answer = await teacher.call(method, `/api/experiments/${id}${path}`, body(Array.from({ length: 200_000 }, (_n, i) => i)));
    expect(answer.status).toBe(422);
    expect(problem(answer).errors).toHaveLength(1);
  });
});

describe('packages', () => {
  it('what is exported can be read back: the same study', async () => {
    const zip = await teacher.call('GET', `/api/experiments/${id}/package`);
    expect(zip.headers.get('content-type')).toBe('application/zip');
    const unzipped = unzipPackage(zip.body as Uint8Array);
    const read = 'files' in unzipped ? readPackage(unzipped.files) : unzipped;
    const { version, ...study } = (await teacher.call('GET', `/api/experiments/${id}/study`)).body as StudyRecord;
    expect(version).toBe(1);
    expect(read).toEqual({ study });
    const copy = await teacher.call('POST', '/api/packages', zip.body);
    expect(copy.status).toBe(201);
    const again = await teacher.call('GET', `/api/experiments/${(copy.body as ExperimentRecord).id}/study`);
    expect((again.body as Study).experiment).toEqual(study.experiment);
    expect((again.body as Study).observations).toHaveLength(study.observations.length);
  });

  it.each<[string, () => Uint8Array, number, RegExp]>([
    ['nothing', () => new Uint8Array(0), 422, /empty/],
    ['what is no zip', () => new TextEncoder().encode('hello'), 422, /not a \.zip/],
    ['a file of 30 MB', () => new Uint8Array(30 * 1024 * 1024), 413, /20 MB/],
  ])('refuses %s and stores nothing', async (_, bytes, status, message) => {
    const before = await server.database.models.experiments.count();
    const answer = await teacher.call('POST', '/api/packages', bytes());
    expect(answer.status).toBe(status);
    expect(problem(answer).detail).toMatch(message);
    expect(await server.database.models.experiments.count()).toBe(before);
  });
});

it('writes ahead, syncs fully and holds foreign keys', async () => {
  const value = (name: string) =>
    server.database.write(async ({ sequelize }) => {
      const [row] = await sequelize.query<{ value: unknown }>(`SELECT ${name} AS value FROM pragma_${name}`, { type: QueryTypes.SELECT });
      return row.value;
    });
  expect(await value('journal_mode')).toBe('wal');
  expect(await value('synchronous')).toBe(2);
  expect(await value('foreign_keys')).toBe(1);
});
