import { Writable } from 'node:stream';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  emptyPrediction,
  packagesIn,
  latestAnywhere,
  readPackage,
  unzipPackage,
  type Experiment,
  type Observation,
  type Prediction,
  itemAt,
} from '@fern/core';
import type {
  BinLine,
  ExperimentLine,
  ExperimentRecord,
  HistoryLine,
  ImportRecord,
  PersonLine,
  ProblemDetails,
  SessionState,
} from '@fern/contract';
import { password, anyPlan, anyReading, startRoutes, type RouteFixture } from './routeFixtures';
import { runMaintenance } from './cli/runMaintenance';
import { emptyBin } from './services/bin';
import { startTestServer, type Caller } from './testServer';

let room: RouteFixture;
beforeAll(async () => (room = await startRoutes()));
afterAll(() => room.server.stop());

const get = async <T>(who: Caller, path: string) => (await who.call('GET', `/api${path}`)).body as T;
const make = async (experiment: Experiment = anyPlan) =>
  ((await room.teacher.call('POST', '/api/experiments', experiment)).body as ExperimentRecord).id;
const titles = async () => (await get<ExperimentLine[]>(room.teacher, '/experiments')).map(({ title }) => title);
const bin = () => get<BinLine[]>(room.teacher, '/bin');

describe('the bin', () => {
  it('takes what is deleted: it is found nowhere else, and comes back whole', async () => {
    const id = await make({ ...anyPlan, title: 'Thrown away' });
    await room.teacher.call('POST', `/api/experiments/${id}/observations`, { observations: [anyReading('kept')] });
    expect((await room.teacher.call('DELETE', `/api/experiments/${id}`)).status).toBe(204);
    expect(await titles()).not.toContain('Thrown away');
    for (const path of ['', '/study', '/package', '/observations'])
      expect((await room.teacher.call('GET', `/api/experiments/${id}${path}`)).status).toBe(404);
    expect((await room.teacher.call('POST', `/api/experiments/${id}/observations`, { observations: [anyReading('late')] })).status).toBe(
      404,
    );
    const line = itemAt(await bin(), 0);
    expect(line).toMatchObject({ id, title: 'Thrown away' });
    expect(Date.parse(line.goneAt) - Date.parse(line.deletedAt)).toBe(30 * 86_400_000);
    expect((await room.stranger.call('POST', `/api/bin/${id}`)).status).toBe(404);
    expect((await room.teacher.call('POST', `/api/bin/${id}`)).status).toBe(200);
    expect(await titles()).toContain('Thrown away');
    expect((await get<Observation[]>(room.teacher, `/experiments/${id}/observations`)).map((seen) => seen.id)).toEqual(['kept']);
  });

  it('lets go for good of what someone takes out of it, and of what has lain in it for 30 days', async () => {
    const [one, other] = [await make(), await make()];
    expect((await room.teacher.call('DELETE', `/api/bin/${one}`)).status).toBe(404);
    for (const id of [one, other]) await room.teacher.call('DELETE', `/api/experiments/${id}`);
    expect((await room.stranger.call('DELETE', `/api/bin/${one}`)).status).toBe(404);
    expect((await room.teacher.call('DELETE', `/api/bin/${one}`)).status).toBe(204);
    await emptyBin(room.server.database, Date.now() + 29 * 86_400_000);
    expect((await bin()).map(({ id }) => id)).toContain(other);
    await emptyBin(room.server.database, Date.now() + 31 * 86_400_000);
    expect((await bin()).map(({ id }) => id)).not.toContain(other);
    expect(await room.server.database.models.units.count({ where: { experimentId: [one, other] } })).toBe(0);
  });
});

describe('the owner’s log', () => {
  it('says what was made, changed, started, unsealed, lost, deleted and restored, and nobody else reads it', async () => {
    const id = await make({ ...anyPlan, title: 'Logged', blinded: true });
    const put = (version: number, experiment: Experiment) => room.teacher.call('PUT', `/api/experiments/${id}`, { version, experiment });
    const blind = { ...anyPlan, title: 'Logged', blinded: true };
    const started = { ...blind, plan: { ...anyPlan.plan, lockedOn: '2026-04-01' } };
    await put(1, { ...blind, hypothesis: 'Changed on the day it was made' });
    await put(2, started);
    const amendments = [{ on: '2026-04-03', what: 'blinding', reason: 'the labels fell off', changes: [] }];
    expect((await put(3, { ...started, blinded: false, plan: { ...started.plan, amendments } })).status).toBe(200);
    const loss = (statusReason: string, lostOn: string) =>
      room.teacher.call('PATCH', `/api/experiments/${id}/units/D02`, { status: 'lost', statusReason, lostOn });
    await loss('dropped', '2026-04-04');
    await loss('eaten by a snail', '2026-04-05');
    await room.teacher.call('DELETE', `/api/experiments/${id}`);
    await room.teacher.call('POST', `/api/bin/${id}`);
    const lines = (await get<HistoryLine[]>(room.teacher, '/history')).filter(({ experimentId }) => experimentId === id).reverse();
    expect(lines.map(({ what }) => what)).toEqual(['made', 'started', 'unsealed', 'amended', 'unit', 'unit', 'deleted', 'restored']);
    expect(lines.slice(3, 6).map(({ title, detail }) => [title, detail])).toEqual([
      ['Logged', 'the labels fell off'],
      ['Logged', 'D02: lost on 2026-04-04, dropped'],
      ['Logged', 'D02: lost on 2026-04-05, eaten by a snail'],
    ]);
    expect(await get<HistoryLine[]>(room.stranger, '/history')).toEqual([]);
  });
});

describe('everything in one file', () => {
  it('holds each experiment as a package, and another account takes all of it in at once', async () => {
    await room.teacher.call('POST', `/api/experiments/${room.id}/observations`, { observations: [anyReading('packed', { unit: 'D03' })] });
    const zip = (await room.teacher.call('GET', '/api/everything')).body as Uint8Array;
    const own = await titles();
    const studies = (packagesIn(zip) ?? []).map(({ bytes }) => {
      const unzipped = unzipPackage(bytes);
      return 'files' in unzipped ? readPackage(unzipped.files, latestAnywhere(new Date())) : unzipped;
    });
    expect(studies.map((read) => ('study' in read ? read.study.experiment.title : read.problems)).sort()).toEqual([...own].sort());
    const key = { 'idempotency-key': '01980000-0000-7000-8000-000000000001' };
    const first = await room.stranger.call('POST', '/api/packages', zip, key);
    expect([first.status, (first.body as ImportRecord).made]).toEqual([201, own.length]);
    const again = await room.stranger.call('POST', '/api/packages', zip, key);
    expect((again.body as ImportRecord).id).toBe((first.body as ImportRecord).id);
    const theirs = await get<ExperimentLine[]>(room.stranger, '/experiments');
    expect(theirs.map(({ title }) => title).sort()).toEqual([...own].sort());
  });

  it('with one damaged package brings none', async () => {
    const zip = (await room.teacher.call('GET', '/api/everything')).body as Uint8Array;
    const before = (await get<ExperimentLine[]>(room.stranger, '/experiments')).length;
    const bent = zip.slice();
    bent[Math.floor(bent.length / 2)] = itemAt(bent, Math.floor(bent.length / 2)) ^ 1;
    expect((await room.stranger.call('POST', '/api/packages', bent)).status).toBe(422);
    expect((await get<ExperimentLine[]>(room.stranger, '/experiments')).length).toBe(before);
  });
});

describe('one person’s data', () => {
  const predicted: Prediction = { ...emptyPrediction, person: 'Ada Moss', expects: 'T', reason: 'salt', on: '2026-04-01' };

  it('can be taken out as a file, and erased: a pseudonym stands for the name, the readings stay', async () => {
    const id = await make({ ...anyPlan, plan: { ...anyPlan.plan, predictions: [predicted] } });
    const observations = [anyReading('a', { observer: 'Ada Moss' }), anyReading('b', { observer: 'Bracken', unit: 'D02' })];
    expect((await room.teacher.call('POST', `/api/experiments/${id}/observations`, { observations })).status).toBe(200);
    expect(await get<PersonLine[]>(room.teacher, '/people')).toContainEqual({ name: 'Ada Moss', readings: 1, experiments: 1 });
    expect(await get<PersonLine[]>(room.stranger, '/people')).not.toContainEqual(expect.objectContaining({ name: 'Ada Moss' }));
    expect(await get<object>(room.teacher, '/people/Ada%20Moss')).toMatchObject({
      readings: [{ id: 'a', value: 12 }],
      predictions: [predicted],
    });
    expect((await room.stranger.call('POST', '/api/people/erased', { name: 'Ada Moss' })).status).toBe(404);
    const { pseudonym } = (await room.teacher.call('POST', '/api/people/erased', { name: 'Ada Moss' })).body as { pseudonym: string };
    expect(pseudonym).toMatch(/^Person [0-9a-f]{6}$/);
    const study = await get<{ experiment: Experiment; observations: Observation[] }>(room.teacher, `/experiments/${id}/study`);
    expect(study.observations.map(({ observer, value }) => [observer, value])).toEqual([
      [pseudonym, 12],
      ['Bracken', 12],
    ]);
    expect(itemAt(study.experiment.plan.predictions, 0).person).toBe(pseudonym);
    expect((await room.teacher.call('GET', '/api/people/Ada%20Moss')).status).toBe(404);
    const bytes = JSON.stringify(await room.server.database.sequelize.query('SELECT * FROM experiments'));
    expect(bytes).not.toContain('Ada Moss');
  });

  it('is found under the longest name that can be typed', async () => {
    const observer = `Ada/${'M'.repeat(116)}`;
    await room.teacher.call('POST', `/api/experiments/${room.id}/observations`, {
      observations: [anyReading('long', { observer, unit: 'D05' })],
    });
    expect(await get<object>(room.teacher, `/people/${encodeURIComponent(observer)}`)).toMatchObject({ readings: [{ id: 'long' }] });
  });

  it('a reading still never changes in any other way', async () => {
    await expect(room.server.database.write(({ statements }) => statements.run('UPDATE observations SET value = 1'))).rejects.toThrow(
      'never changed',
    );
  });
});

describe('the password', () => {
  it('changes with the old one, ends the other sessions, and can be set anew by whoever runs the server', async () => {
    const server = await startTestServer();
    const [here, there] = [server.caller(), server.caller()];
    await here.call('POST', '/api/accounts', { name: 'M. Bracken', password });
    await there.call('POST', '/api/session', { name: 'M. Bracken', password });
    const wrong = await here.call('PUT', '/api/password', { password: 'not it', next: 'a much better one' });
    expect([wrong.status, (wrong.body as ProblemDetails).errors?.[0]?.pointer]).toEqual([422, '/password']);
    expect((await here.call('PUT', '/api/password', { password, next: 'short' })).status).toBe(422);
    expect((await there.call('GET', '/api/experiments')).status).toBe(200);
    expect((await here.call('PUT', '/api/password', { password, next: 'a much better one' })).status).toBe(204);
    expect((await there.call('GET', '/api/experiments')).status).toBe(401);
    expect((await here.call('GET', '/api/experiments')).status).toBe(200);
    expect((await there.call('POST', '/api/session', { name: 'M. Bracken', password })).status).toBe(401);
    expect((await there.call('POST', '/api/session', { name: 'M. Bracken', password: 'a much better one' })).status).toBe(200);
    expect((await there.call('DELETE', '/api/sessions')).status).toBe(204);
    for (const who of [here, there]) expect((await who.call('GET', '/api/experiments')).status).toBe(401);
    expect((await runMaintenance(['password', 'M. Bracken'], server.file, new Date())).say).toContain(
      'Another Fern Test server is running',
    );
    await server.stop({ keepFiles: true });
    expect((await runMaintenance(['password', 'Nobody'], server.file, new Date())).code).toBe(1);
    const { code, say } = await runMaintenance(['password', 'M. Bracken'], server.file, new Date());
    expect(code).toBe(0);
    const after = await startTestServer({}, server.file);
    const given = /is now (\S+)\. /.exec(say)?.[1];
    expect((await after.caller().call('POST', '/api/session', { name: 'M. Bracken', password: given })).status).toBe(200);
    await after.stop();
  });
});

describe('the first account', () => {
  it('needs the code of the console where others can reach the server', async () => {
    const server = await startTestServer({ firstCode: '12345678' });
    const person = server.caller();
    expect(await get<SessionState>(person, '/session')).toMatchObject({ firstStart: true, needsCode: true });
    const refused = await person.call('POST', '/api/accounts', { name: 'M. Bracken', password, code: '1' });
    expect([refused.status, (refused.body as ProblemDetails).errors?.[0]?.pointer]).toEqual([403, '/code']);
    expect((await person.call('POST', '/api/accounts', { name: 'M. Bracken', password, code: ' 12345678 ' })).status).toBe(201);
    await server.stop();
  });

  it('is one, also where two people make it at the same moment', async () => {
    const server = await startTestServer();
    const make = (name: string) => server.caller().call('POST', '/api/accounts', { name, password });
    const answers = await Promise.all([make('M. Bracken'), make('S. Wort')]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 409]);
    await server.stop();
  });
});

describe('calls', () => {
  it('meant for another account than the one that is signed in are refused, and nothing is stored', async () => {
    const { account } = await get<SessionState>(room.teacher, '/session');
    const post = (meant: string, id: string) =>
      room.teacher.call(
        'POST',
        `/api/experiments/${room.id}/observations`,
        { observations: [anyReading(id)] },
        { 'x-fern-account': meant },
      );
    expect((await post('someone', 'not mine')).status).toBe(401);
    expect((await post(account?.id ?? '', 'mine')).status).toBe(200);
    const ids = (await get<Observation[]>(room.teacher, `/experiments/${room.id}/observations`)).map((seen) => seen.id);
    expect(ids).toContain('mine');
    expect(ids).not.toContain('not mine');
  });

  it('through a proxy on this computer are counted by the caller’s own address, and their cookie is for https alone', async () => {
    const server = await startTestServer({ signInAttempts: 1 });
    const from = (address: string) => ({ 'x-forwarded-for': address, 'x-forwarded-proto': 'https' });
    const person = server.caller();
    const made = await person.call('POST', '/api/accounts', { name: 'M. Bracken', password }, from('10.0.0.1'));
    expect(made.headers.getSetCookie()[0]).toContain('Secure');
    const signIn = (address: string) =>
      server.caller().call('POST', '/api/session', { name: 'M. Bracken', password: 'wrong' }, from(address));
    expect([(await signIn('10.0.0.1')).status, (await signIn('10.0.0.1')).status, (await signIn('10.0.0.2')).status]).toEqual([
      401, 429, 401,
    ]);
    await server.stop();
  });

  it('leave no value, name or cookie in the log, whatever goes wrong', async () => {
    let log = '';
    const logTo = new Writable({ write: (text: Buffer, _encoding, done) => ((log += text.toString()), done()) });
    const server = await startTestServer({ logLevel: 'trace', logTo });
    const person = server.caller();
    await person.call('POST', '/api/accounts', { name: 'Secret Name', password: 'secret password' });
    await person.call('GET', '/api/people/Secret%20Name?q=secret');
    await person.call('POST', '/api/session', { name: 'Secret Name', password: 'secret wrong' });
    await server.database.write(({ statements }) => statements.run('DROP TABLE observations'));
    const { id } = (await person.call('POST', '/api/experiments', anyPlan)).body as { id: string };
    const broken = await person.call('POST', `/api/experiments/${id}/observations`, {
      observations: [anyReading('secret', { note: 'secret' })],
    });
    expect(broken.status).toBe(500);
    expect(log).toContain('/api/experiments');
    expect(log).toContain('"status":500');
    expect(log.toLowerCase()).not.toContain('secret');
    expect(log).not.toContain('fern_session');
    await server.stop();
  });
});

describe('the list', () => {
  it('of 500 experiments of 60 units stays under 300 kB', async () => {
    const many = await startTestServer();
    const person = many.caller();
    await person.call('POST', '/api/accounts', { name: 'M. Bracken', password });
    const units = Array.from({ length: 60 }, (_, i) => ({ ...anyPlan.units[0], code: `D${i}` }));
    const today = new Date().toISOString().slice(0, 10);
    const started = { ...anyPlan, units, startedOn: today, plan: { ...anyPlan.plan, lockedOn: today } };
    const some = 20;
    for (let i = 0; i < some; i++) await person.call('POST', '/api/experiments', started);
    const list = await get<ExperimentLine[]>(person, '/experiments');
    expect(list).toHaveLength(some);
    expect(itemAt(list, 0).walks.map(({ day, left }) => [day, left])).toEqual([
      [1, 60],
      [2, 60],
      [3, 60],
      [4, 60],
      [5, 60],
      [7, 60],
    ]);
    expect((JSON.stringify(list).length / some) * 500).toBeLessThan(300_000);
    await many.stop();
  });
});
