import { afterAll, beforeAll, expect, it } from 'vitest';
import { anySprouting, blankOf, experimentFrom, observationFields, type Observation, itemAt } from '@fern/core';
import type { ExperimentRecord } from '@fern/contract';
import { startTestServer, type Caller, type TestServer } from './testServer';

const PEOPLE = 60;
const EACH = 5;
const password = 'moss and fern';
let server: TestServer;
let id: string;
const people: Caller[] = [];

beforeAll(async () => {
  server = await startTestServer({ signInAttempts: 1000 });
  const teacher = server.caller();
  await teacher.call('POST', '/api/accounts', { name: 'M. Bracken', password });
  const plan = experimentFrom(anySprouting, { created: '2026-04-01', startOn: '2026-04-01', seed: 4 });
  id = ((await teacher.call('POST', '/api/experiments', plan)).body as ExperimentRecord).id;
  const cookie = itemAt((await teacher.call('POST', '/api/session', { name: 'M. Bracken', password })).headers.getSetCookie(), 0).replace(
    /;.*/,
    '',
  );
  for (let i = 0; i < PEOPLE; i++)
    people.push({ ...teacher, call: (method, path, body) => server.caller().call(method, path, body, { cookie }) });
});
afterAll(() => server.stop());

it('60 people who post at once while 10 read: none is refused, none unanswered, and all of it is there once', async () => {
  const reading = (person: number, n: number): Observation => ({
    ...blankOf(observationFields),
    id: `p${person}-${n}`,
    unit: `D${String(1 + (person % 12)).padStart(2, '0')}`,
    measure: 'sprouts',
    observedOn: '2026-04-04',
    value: n,
  });
  const posting = people.map(async (person, i) => {
    const statuses: number[] = [];
    for (let n = 0; n < EACH; n++)
      statuses.push((await person.call('POST', `/api/experiments/${id}/observations`, { observations: [reading(i, n)] })).status);
    return statuses;
  });
  const readingOn = people.slice(0, 10).map(async (person) => {
    const statuses: number[] = [];
    for (let n = 0; n < EACH; n++) statuses.push((await person.call('GET', `/api/experiments/${id}/study`)).status);
    return statuses;
  });
  const statuses = (await Promise.all([...posting, ...readingOn])).flat();
  expect(statuses.filter((status) => status !== 200)).toEqual([]);
  const stored = (await itemAt(people, 0).call('GET', `/api/experiments/${id}/observations`)).body as Observation[];
  expect(new Set(stored.map((seen) => seen.id)).size).toBe(PEOPLE * EACH);
  expect(stored).toHaveLength(PEOPLE * EACH);
});
