import { afterAll, beforeAll, expect, it } from 'vitest';
import type { ExperimentRecord } from '@fern/contract';
import type { Study } from '@fern/core';
import { anyReading, startRoutes, type RouteFixture } from './routeFixtures';

let room: RouteFixture;
beforeAll(async () => {
  room = await startRoutes();
});
afterAll(() => room.server.stop());

/** Arms, units and measures as the version before named them. */
interface Before {
  readonly version: number;
  readonly experiment: {
    readonly title: string;
    readonly arms: readonly { readonly arm: string }[];
    readonly units: readonly { readonly unit: string; readonly arm: string }[];
    readonly measures: readonly { readonly measure: string }[];
  };
}
const before = { 'x-fern-test': '1' };

it('a page that was opened before the update reads and saves in its own names, and what it saves is read in those of now', async () => {
  const { teacher, id } = room;
  const path = `/api/experiments/${id}`;
  const now = (await teacher.call('GET', path)).body as ExperimentRecord;
  const old = (await teacher.call('GET', path, undefined, before)).body as Before;
  const names = ({ arms, units, measures }: Before['experiment']) => [
    arms.map(({ arm }) => arm),
    units.map(({ unit }) => unit),
    measures.map(({ measure }) => measure),
  ];
  const codes = ({ arms, units, measures }: ExperimentRecord['experiment']) =>
    [arms, units, measures].map((list) => list.map(({ code }) => code));
  expect(names(old.experiment)).toEqual(codes(now.experiment));
  const study = (await teacher.call('GET', `${path}/study?as=columns`, undefined, before)).body as Before;
  expect(names(study.experiment)).toEqual(codes(now.experiment));

  const changed = { version: old.version, experiment: { ...old.experiment, title: 'From an open tab' } };
  const saved = await teacher.call('PUT', path, changed, before);
  expect([saved.status, names((saved.body as Before).experiment)]).toEqual([200, codes(now.experiment)]);
  const after = (await teacher.call('GET', path)).body as ExperimentRecord;
  expect(after.experiment).toEqual({ ...now.experiment, title: 'From an open tab' });
});

it('what waited in the browser since before the update is taken', async () => {
  const { teacher, id } = room;
  const sent = await teacher.call('POST', `/api/experiments/${id}/observations`, { observations: [anyReading('waited')] }, before);
  expect(sent.status).toBe(200);
  const cat = { id: 'h', on: '2026-04-02', kind: 'other', arms: [], units: ['D01'], note: 'a cat' };
  expect((await teacher.call('POST', `/api/experiments/${id}/happenings`, cat, before)).status).toBe(200);
  const study = (await teacher.call('GET', `/api/experiments/${id}/study`)).body as Study;
  expect(study.incidents.map(({ note }) => note)).toEqual(['a cat']);
  const kept = (await teacher.call('GET', `/api/experiments/${id}/study`, undefined, before)).body as { happenings: unknown[] };
  expect(kept.happenings).toEqual(study.incidents);
  const state = { status: 'lost', statusReason: 'dropped', lostOn: null };
  expect((await teacher.call('PATCH', `/api/experiments/${id}/units/D02`, state, before)).status).toBe(200);
});
