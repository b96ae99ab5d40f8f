import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  blankOf,
  careFields,
  byCode,
  incidentFields,
  itemAt,
  latestAnywhere,
  readPackage,
  unzipPackage,
  type Care,
  type Incident,
  type Study,
} from '@fern/core';
import type { ExperimentRecord, ProblemDetails, StudyRecord } from '@fern/contract';
import { password, anyPlan, anyReading, startRoutes } from './routeFixtures';
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

describe('what a client makes', () => {
  const key = '01980000-0000-7000-8000-000000000001';
  const under = (id: string) => ({ 'idempotency-key': id });
  const event: Incident = {
    ...blankOf(incidentFields),
    id: 'e1',
    on: '2026-04-03',
    kind: 'other',
    units: ['D01'],
    note: 'a cat sat on it',
  };
  const care: Care = { ...blankOf(careFields), id: 'c1', on: '2026-04-03', units: ['D01'], amount: 20, amountUnit: 'mL' };

  it.each([
    ['incidents', event, { note: 'two cats' }],
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
      expect(problem(refused).errors?.[0]?.pointer).toBe('/id');
      const study = (await teacher.call('GET', `/api/experiments/${id}/study`)).body as StudyRecord;
      expect(study[path].filter((own) => own.id === entry.id)).toEqual([entry]);
    },
  );

  it('a number sown that is put right is kept with the number before, once, and no other plan is needed', async () => {
    const before = (await teacher.call('POST', '/api/experiments', anyPlan)).body as ExperimentRecord;
    const address = `/api/experiments/${before.id}/units/D03/sown`;
    const first = (await teacher.call('PATCH', address, { sown: 23, on: '2026-04-04' })).body as ExperimentRecord;
    const again = (await teacher.call('PATCH', address, { sown: 23, on: '2026-04-04' })).body as ExperimentRecord;
    expect(again.version).toBe(first.version);
    expect(first.version).toBe(before.version + 1);
    expect(byCode(first.experiment.units, 'D03')?.sown).toBe(23);
    expect(problem(await teacher.call('PATCH', address, { sown: 0, on: '2026-04-04' })).errors?.[0]?.pointer).toBe('/sown');
    expect((await teacher.call('PATCH', `/api/experiments/${before.id}/units/D99/sown`, { sown: 2, on: '2026-04-04' })).status).toBe(404);
  });

  it('what is found at the bench is of a day that has come, and leaves the categories within what was sown', async () => {
    const measures = anyPlan.measures.map((own) => ({ ...own, category: 'up', categories: ['up', 'dead'] }));
    const { id: other } = (await teacher.call('POST', '/api/experiments', { ...anyPlan, measures })).body as ExperimentRecord;
    const unit = `/api/experiments/${other}/units/D03`;
    const first = async (path: string, body: object) => problem(await teacher.call('PATCH', path, body)).errors?.[0];
    const toCome = expect.stringContaining('is still to come');
    expect(await first(`${unit}/sown`, { sown: 24, on: '2099-01-01' })).toEqual({ pointer: '/on', detail: toCome });
    expect(await first(unit, { status: 'lost', statusReason: 'dropped', lostOn: '2099-01-01' })).toEqual({
      pointer: '/lostOn',
      detail: toCome,
    });
    const told = ['up', 'dead'].map((category, i) => anyReading(`of ${category}`, { unit: 'D03', category, value: i === 0 ? 20 : 3 }));
    await teacher.call('POST', `/api/experiments/${other}/observations`, { observations: told });
    expect(await first(`${unit}/sown`, { sown: 24, on: '2026-04-04' })).toBeUndefined();
    const mended = anyReading('more dead', { unit: 'D03', category: 'dead', value: 4, replaces: 'of dead' });
    await teacher.call('POST', `/api/experiments/${other}/observations`, { observations: [mended] });
    expect(await first(`${unit}/sown`, { sown: 23, on: '2026-04-04' })).toEqual({
      pointer: '/sown',
      detail: '20 up and 4 dead make 24, and 23 were sown in D03: 1 too many. Count again.',
    });
  });

  it('care and what went wrong name only whom there is', async () => {
    const wrong = async (path: string, entry: object) => problem(await teacher.call('POST', `/api/experiments/${id}/${path}`, entry));
    expect((await wrong('care', { ...care, id: 'c9', units: ['D01', 'D99'] })).errors?.[0]).toEqual({
      pointer: '/units/1',
      detail: 'There is no dish D99 in this experiment.',
    });
    expect((await wrong('incidents', { ...event, id: 'e9', arms: ['Q'] })).errors?.[0]?.pointer).toBe('/arms/0');
  });

  it('care is mended like any entry', async () => {
    const address = `/api/experiments/${id}/care`;
    await teacher.call('POST', address, care);
    expect((await teacher.call('POST', address, { ...care, id: 'c2', amount: 30, replaces: 'c1' })).status).toBe(200);
    expect(problem(await teacher.call('POST', address, { ...care, id: 'c3', replaces: 'c1' })).detail).toMatch(/has already been edited/);
  });

  it('an entry is mended once, in a chain, and only one that is there', async () => {
    const address = `/api/experiments/${id}/incidents`;
    const mend = (own: string, replaces: string, more: Partial<Incident> = {}) =>
      teacher.call('POST', address, { ...event, id: own, replaces, ...more });
    await teacher.call('POST', address, event);
    expect((await mend('m1', 'e1', { note: 'two cats' })).status).toBe(200);
    expect((await mend('m1', 'e1', { note: 'two cats' })).status).toBe(200);
    expect(problem(await mend('m2', 'e1')).detail).toMatch(/has already been edited/);
    expect(problem(await mend('m3', 'nobody')).errors?.[0]?.pointer).toBe('/replaces');
    expect((await mend('m4', 'm1', { withdrawn: true })).status).toBe(200);
    const { incidents } = (await teacher.call('GET', `/api/experiments/${id}/study`)).body as StudyRecord;
    expect(incidents.map((own) => own.id).sort()).toEqual(['e1', 'm1', 'm4']);
  });

  it('an experiment sent again under its key, after a lost reply, is one experiment', async () => {
    const before = await server.database.models.experiments.count();
    const first = await teacher.call('POST', '/api/experiments', anyPlan, under(key));
    const again = await teacher.call('POST', '/api/experiments', anyPlan, under(key));
    expect([first.status, again.status]).toEqual([201, 201]);
    expect(again.body).toEqual(first.body);
    expect(first.body).toMatchObject({ id: key });
    expect(await server.database.models.experiments.count()).toBe(before + 1);
    expect((await teacher.call('POST', '/api/experiments', { ...anyPlan, title: 'Another' }, under(key))).status).toBe(409);
    expect((await stranger.call('POST', '/api/experiments', anyPlan, under(key))).status).toBe(409);
    expect((await teacher.call('POST', '/api/experiments', anyPlan, under('mine'))).status).toBe(422);
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
  const of = (own: string, value: number, replaces: string | null) => anyReading(own, { unit: 'D05', value, replaces });

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
  const long = { ...anyPlan, writing: { ...anyPlan.writing, background: 'x'.repeat(19_000) } };
  const answers = [];
  for (let i = 0; i < 4; i++) answers.push(await caller.call('POST', '/api/experiments', long));
  const refused = answers.filter(({ status }) => status === 507);
  expect(refused.length).toBeGreaterThan(0);
  expect(problem(itemAt(refused, 0)).detail).toMatch(/disk .* is full\. Nothing was stored/);
  expect(await full.database.models.experiments.count()).toBe(answers.filter(({ status }) => status === 201).length);
  await full.stop();
});

describe('calls that no page makes', () => {
  it('another method is told which ones there are', async () => {
    const answer = await teacher.call('PUT', '/api/experiments', anyPlan);
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
      (list: number[]) => ({ version: 1, experiment: { ...anyPlan, measures: [{ ...anyPlan.measures[0], readingDays: list }] } }),
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
    const read = 'files' in unzipped ? readPackage(unzipped.files, latestAnywhere(new Date())) : unzipped;
    const { version, ...study } = (await teacher.call('GET', `/api/experiments/${id}/study`)).body as StudyRecord;
    expect(version).toBe(1);
    expect(read).toEqual({ study, asked: [] });
    const copy = await teacher.call('POST', '/api/packages', zip.body);
    expect(copy.status).toBe(201);
    const again = await teacher.call('GET', `/api/experiments/${(copy.body as ExperimentRecord).id}/study`);
    expect((again.body as Study).experiment).toEqual(study.experiment);
    expect((again.body as Study).observations).toHaveLength(study.observations.length);
  });

  it.each<[string, () => Uint8Array, number, RegExp]>([
    ['nothing', () => new Uint8Array(0), 422, /empty/],
    ['what is no zip', () => new TextEncoder().encode('hello'), 422, /not a \.zip/],
    ['a file of 101 MB', () => new Uint8Array(101 * 1024 * 1024), 413, /100 MB/],
  ])('refuses %s and stores nothing', async (_, bytes, status, message) => {
    const before = await server.database.models.experiments.count();
    const answer = await teacher.call('POST', '/api/packages', bytes());
    expect(answer.status).toBe(status);
    expect(problem(answer).detail).toMatch(message);
    expect(await server.database.models.experiments.count()).toBe(before);
  });
});

describe('a unit that is gone', () => {
  it('a loss keeps its day and its reason', async () => {
    const lost = { status: 'lost', statusReason: 'it fell', lostOn: '2026-04-05' };
    expect((await teacher.call('PATCH', `/api/experiments/${id}/units/D02`, lost)).body).toMatchObject({ id });
    const { experiment } = (await teacher.call('GET', `/api/experiments/${id}/study`)).body as StudyRecord;
    expect(byCode(experiment.units, 'D02')).toMatchObject(lost);
  });
});
