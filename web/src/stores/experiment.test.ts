// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { anyHeight, experimentFrom, type Experiment, type Observation } from '@fern/core';
import { useExperiment } from './experiment';

const plan = experimentFrom(anyHeight, { created: '2026-04-01', startOn: '2026-04-01', seed: 4 });

interface Call {
  readonly method: string;
  readonly path: string;
  readonly body: { version: number; experiment: Experiment } | undefined;
}

let calls: Call[];
let answer: (call: Call) => { status: number; body: unknown } | 'offline';

/** What the server would say to a good change: the next version. */
const accept = ({ body }: Call) => ({ status: 200, body: { id: 'x', version: (body?.version ?? 0) + 1, experiment: body?.experiment } });

beforeEach(() => {
  vi.useFakeTimers();
  setActivePinia(createPinia());
  localStorage.clear();
  calls = [];
  answer = accept;
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    const path = url.replace('/api', '');
    const call: Call = {
      method: init.method ?? 'GET',
      path,
      body: init.body ? (JSON.parse(String(init.body)) as Call['body']) : undefined,
    };
    calls.push(call);
    if (path === '/experiments/x') return call.method === 'GET' ? Response.json({ id: 'x', version: 1, experiment: plan }) : reply(call);
    if (path === '/experiments/x/study') return Response.json({ experiment: plan, observations: [], happenings: [], care: [] });
    return reply(call);
  });
});

function reply(call: Call): Response {
  const said = answer(call);
  if (said === 'offline') throw new TypeError('no network');
  return Response.json(said.body, { status: said.status });
}

const puts = () => calls.filter(({ method }) => method === 'PUT');
const rename = (title: string) => (now: Experiment) => ({ ...now, title });

async function opened() {
  const store = useExperiment();
  await store.open('x');
  return store;
}

describe('a change', () => {
  it('is on the screen at once and saved a moment later, several together', async () => {
    const store = await opened();
    store.change(rename('A'));
    store.change(rename('B'));
    expect(store.experiment?.title).toBe('B');
    expect(store.saving).toBe('changed');
    expect(puts()).toHaveLength(0);
    await vi.advanceTimersByTimeAsync(600);
    expect(puts().map(({ body }) => [body?.version, body?.experiment.title])).toEqual([[1, 'B']]);
    expect(store.saving).toBe('saved');
    expect(store.version).toBe(2);
  });

  it('that changes nothing starts nothing', async () => {
    const store = await opened();
    store.change((now) => now);
    await vi.advanceTimersByTimeAsync(1000);
    expect(puts()).toHaveLength(0);
    expect(store.canUndo).toBe(false);
  });

  it('can be undone, and the undoing is saved too', async () => {
    const store = await opened();
    store.change(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    store.undo();
    expect(store.experiment?.title).toBe(plan.title);
    await vi.advanceTimersByTimeAsync(600);
    expect(puts().at(-1)?.body).toMatchObject({ version: 2, experiment: { title: plan.title } });
    expect(store.canUndo).toBe(false);
  });

  it('made while a save is under way is saved after it, from the new version', async () => {
    const store = await opened();
    answer = (call) => {
      if (call.body?.experiment.title === 'A') store.change(rename('B'));
      return accept(call);
    };
    store.change(rename('A'));
    await vi.advanceTimersByTimeAsync(1500);
    expect(puts().map(({ body }) => [body?.version, body?.experiment.title])).toEqual([
      [1, 'A'],
      [2, 'B'],
    ]);
  });
});

describe('what goes wrong', () => {
  it('a refused change stays on the screen, with the place and the words', async () => {
    const store = await opened();
    answer = () => ({
      status: 422,
      body: { detail: 'No.', errors: [{ pointer: '/experiment/arms/1/role', detail: 'There are two controls.' }] },
    });
    store.change(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    expect(store.saving).toBe('wrong');
    expect(store.experiment?.title).toBe('A');
    expect(store.wrongAt('/arms')).toBe('There are two controls.');
    expect(store.wrongAt('/units')).toBeNull();
    answer = accept;
    store.change(rename('B'));
    await vi.advanceTimersByTimeAsync(600);
    expect(store.saving).toBe('saved');
    expect(store.wrongAt('/arms')).toBeNull();
  });

  it('a conflict is told, nothing more is sent, and loading again takes the other’s', async () => {
    const store = await opened();
    answer = () => ({ status: 409, body: { detail: 'Changed in another window.' } });
    store.change(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    expect(store.saving).toBe('conflict');
    store.change(rename('B'));
    await vi.advanceTimersByTimeAsync(2000);
    expect(puts()).toHaveLength(1);
    await store.reload();
    expect(store.experiment?.title).toBe(plan.title);
    expect(store.saving).toBe('saved');
  });

  it('without a network it waits and sends by itself when the network is back', async () => {
    const store = await opened();
    answer = () => 'offline';
    store.change(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    expect(store.saving).toBe('offline');
    answer = accept;
    await vi.advanceTimersByTimeAsync(5000);
    expect(store.saving).toBe('saved');
    expect(puts().at(-1)?.body?.experiment.title).toBe('A');
  });

  it('an experiment that is not there is said', async () => {
    vi.stubGlobal('fetch', async () => Response.json({ detail: 'There is nothing here.' }, { status: 404 }));
    const store = useExperiment();
    await store.open('y');
    expect(store.error).toBe('There is nothing here.');
    expect(store.experiment).toBeNull();
  });
});

describe('a started plan', () => {
  it('is saved only with the amendment that says what and why', async () => {
    const store = await opened();
    store.change((now) => ({ ...now, plan: { ...now.plan, frozenOn: '2026-04-01' } }));
    await vi.advanceTimersByTimeAsync(600);
    expect(store.frozen).toBe(true);
    store.amending = true;
    expect(store.frozen).toBe(false);
    store.change(rename('Amended'));
    await vi.advanceTimersByTimeAsync(2000);
    expect(puts()).toHaveLength(1);
    await store.amend('the title', 'it was misleading');
    expect(puts().at(-1)?.body?.experiment).toMatchObject({
      title: 'Amended',
      plan: { amendments: [{ what: 'the title', reason: 'it was misleading' }] },
    });
    expect(store.frozen).toBe(true);
  });

  it('a refused amendment stays open, without the amendment', async () => {
    const store = await opened();
    store.change((now) => ({ ...now, plan: { ...now.plan, frozenOn: '2026-04-01' } }));
    await vi.advanceTimersByTimeAsync(600);
    store.amending = true;
    store.change(rename('Amended'));
    answer = () => ({ status: 422, body: { detail: 'No.' } });
    await store.amend('the title', 'why');
    expect(store.amending).toBe(true);
    expect(store.experiment?.plan.amendments).toEqual([]);
    expect(store.experiment?.title).toBe('Amended');
  });
});

describe('readings', () => {
  const reading = { id: 'r1', unit: 'P01', measure: 'height', value: 12, observedOn: '2026-04-08' } as Observation;

  it('that were taken over stand in the study once', async () => {
    const store = await opened();
    store.took([reading]);
    store.took([reading]);
    expect(store.study?.observations).toEqual([reading]);
  });
});
