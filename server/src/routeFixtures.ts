import {
  anySprouting,
  blankOf,
  experimentFrom,
  observationFields,
  photoFields,
  type Experiment,
  type Observation,
  type Photo,
} from '@fern/core';
import type { ExperimentRecord } from '@fern/contract';
import { startSession } from './services/accounts';
import { startTestServer, type Caller, type TestServer } from './testServer';

/** What tests of the API start from: a teacher with a plan, and a stranger with an account of their own. */
export interface RouteFixture {
  readonly server: TestServer;
  readonly teacher: Caller;
  readonly stranger: Caller;
  /** Of the teacher's experiment. */
  readonly id: string;
}

export const password = 'moss and fern';
export const anyPlan: Experiment = experimentFrom(anySprouting, { created: '2026-04-01T08:00:00Z', startOn: '2026-04-01', seed: 4 });

export const anyReading = (id: string, more: Partial<Observation> = {}): Observation => ({
  ...blankOf(observationFields),
  id,
  unit: 'D01',
  measure: 'sprouts',
  observedOn: '2026-04-04',
  value: 12,
  observer: 'Bracken',
  ...more,
});

export const anyPhoto = (id: string, more: Partial<Photo> = {}): Photo => ({
  ...blankOf(photoFields),
  ...{ id, file: `${id}.jpg`, on: '2026-04-04', units: ['D01'], width: 1, height: 1 },
  ...more,
});

/** One white pixel. */
export const pixel = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

/** A photo with its words, as a page sends them. */
export function photoForm(entry: Photo, picture: Uint8Array = pixel, name = 'photo.jpg'): FormData {
  const form = new FormData();
  form.append('entry', JSON.stringify(entry));
  form.append('picture', new Blob([new Uint8Array(picture)], { type: 'image/jpeg' }), name);
  return form;
}

/** A good body for each route that takes one. */
export const goodBodies: Readonly<Record<string, unknown>> = {
  'post /accounts': { name: 'Second', password },
  'post /session': { name: 'M. Bracken', password: 'wrong' },
  'post /session/demo': { account: 'x' },
  'post /experiments': anyPlan,
  'put /password': { password: 'not it', next: 'another good one' },
  'post /people/erased': { name: 'Bracken' },
  'put /experiments/:id': { version: 1, experiment: anyPlan },
  'post /experiments/:id/seal': { on: '2026-04-04' },
  'post /experiments/:id/seal/opened': { on: '2026-04-09', reason: 'all is read' },
  'patch /experiments/:id/units/:unit': { status: 'lost', statusReason: 'dropped' },
  'patch /experiments/:id/units/:unit/sown': { sown: 24, on: '2026-04-04' },
  'post /experiments/:id/observations': { observations: [anyReading('one'), anyReading('two', { replaces: 'one' })] },
  'post /experiments/:id/incidents': { id: 'h', on: '2026-04-02', kind: 'other', arms: [], units: ['D01'], note: 'a cat' },
  'post /experiments/:id/photos': photoForm(anyPhoto('f')),
  'post /experiments/:id/photos/revisions': anyPhoto('g', { replaces: 'f' }),
  'post /experiments/:id/care': {
    id: 'c',
    on: '2026-04-02',
    units: [],
    arms: [],
    kind: 'water',
    amount: 1,
    amountUnit: 'mL',
    note: null,
  },
};

export async function startRoutes(): Promise<RouteFixture> {
  const server = await startTestServer();
  const teacher = server.caller();
  await teacher.call('POST', '/api/accounts', { name: 'M. Bracken', password });
  await server.database.write(({ models }) =>
    models.accounts.create({ id: 'other', name: 'Other', password: 'scrypt$AAAA$AAAA', demo: true, createdAt: '2026' }),
  );
  const token = await startSession(server.database, 'other');
  const stranger: Caller = {
    ...server.caller(),
    call: (method, path, body, headers = {}) => server.caller().call(method, path, body, { ...headers, cookie: `fern_session=${token}` }),
  };
  const made = await teacher.call('POST', '/api/experiments', anyPlan);
  return { server, teacher, stranger, id: (made.body as ExperimentRecord).id };
}
