import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { mount, type ComponentMountingOptions, type VueWrapper } from '@vue/test-utils';
import { createPinia, disposePinia, getActivePinia, setActivePinia } from 'pinia';
import { defineComponent, h, type Component } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { vi } from 'vitest';
import type { ExperimentLine } from '@fern/contract';
import { addDays, anySprouting, experimentFrom, packColumns, type Experiment, type Observation, type Study } from '@fern/core';
import LoadedExperiment from './layout/LoadedExperiment.vue';
import { closeBrowserData } from './stores/browserData';
import { useLog } from './stores/log';
import { useOpening } from './stores/openExperiment';
import { useSession } from './stores/session';
import { today } from './stores/today';

/** One call of the app to its server. */
export interface FakeCall {
  readonly method: string;
  readonly path: string;
  readonly body: { version: number; experiment: Experiment; observations: Observation[] };
}

export type Reply = { readonly status: number; readonly body: unknown } | 'offline';

export interface FakeServer {
  readonly calls: FakeCall[];
  /** What Today is told of. */
  list: readonly ExperimentLine[];
  /** What an experiment is opened with. */
  study: Study;
  version: number;
  /** What is answered; a test puts another in its place. */
  answer: (call: FakeCall) => Reply;
}

const account = { account: { id: 'me', name: 'M. Bracken' }, firstStart: false, demo: [] };

/** What the server says to a good change: the next version. */
export const accept = ({ body }: FakeCall): Reply => ({
  status: 200,
  body: { id: 'x', version: body.version + 1, experiment: body.experiment },
});

/** Waits until a check holds, long enough for a slow machine. */
export const eventually = <T>(check: () => T | Promise<T>): Promise<T> => vi.waitFor(check, 60_000);

/** A page that was just loaded: what the one before held in memory is gone. */
export function freshPage(): void {
  const before = getActivePinia();
  if (before) disposePinia(before);
  setActivePinia(createPinia());
}

/** A browser in which nothing was kept yet. */
export function freshBrowser(): void {
  freshPage();
  localStorage.clear();
  sessionStorage.clear();
  void closeBrowserData();
  vi.stubGlobal('indexedDB', new IDBFactory());
}

/** A server that holds one study as version 1, in place of the network. */
export function fakeServer(study: Study): FakeServer {
  freshBrowser();
  const server: FakeServer = { calls: [], list: [], study, version: 1, answer: accept };
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    const body: unknown = init.body ? JSON.parse(String(init.body)) : {};
    const call = { method: init.method ?? 'GET', path: url.replace('/api', ''), body } as FakeCall;
    server.calls.push(call);
    if (call.path === '/session') return Response.json(account);
    if (call.path === '/experiments' && call.method === 'GET') return Response.json(server.list);
    if (call.path.endsWith('/study?as=columns'))
      return Response.json({ version: server.version, ...server.study, observations: packColumns(server.study.observations) });
    if (call.path.endsWith('/observations')) return Response.json({ observations: [] });
    const said = server.answer(call);
    if (said === 'offline') throw new TypeError('no network');
    return Response.json(said.body, { status: said.status });
  });
  return server;
}

const readOnFourDays = { ...anySprouting, measures: anySprouting.measures.map((measure) => ({ ...measure, readingDays: [3, 5, 7, 10] })) };

/** A sprouting experiment that started three days ago, with what was read. */
export function startedStudy(observations: readonly Observation[] = [], more: Partial<Experiment> = {}): Study {
  const draft = experimentFrom(readOnFourDays, { created: '2026-04-01', startOn: addDays(today(), -3), seed: 4 });
  const experiment = { ...draft, ...more, plan: { ...draft.plan, lockedOn: draft.startedOn } };
  return { experiment, observations, incidents: [], care: [], photos: [] };
}

/** Routes with empty pages: where a part would go is what counts. */
export function testRouter() {
  const page = { template: '<p />' };
  const names = [
    ...['today', 'library', 'plan', 'log', 'weigh', 'prepare', 'ask', 'write', 'walk', 'calculators'],
    ...['kit', 'labels', 'put-out', 'wall'],
  ];
  return createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', component: page },
      ...names.map((name) => ({ path: `/${name}/:id?/:day?`, name, component: page })),
      { path: '/reckon/:calculator?', name: 'reckon', component: page },
    ],
  });
}

/** Opens experiment `x` of the fake server and mounts a part inside its frame, at an address where that counts. */
export async function mountLoaded(part: Component, options: ComponentMountingOptions<Component> = {}, at = '/'): Promise<VueWrapper> {
  const router = testRouter();
  // What a page of before still does makes its own Pinia the active one again.
  const pinia = getActivePinia();
  await router.push(at);
  await useSession(pinia).load();
  await useOpening(pinia).open('x');
  const log = useLog(pinia);
  const frame = defineComponent({
    setup: () => () => (log.study ? h(LoadedExperiment, { id: 'x', study: log.study }, () => h(part, options.props ?? {})) : null),
  });
  const wrapper = mount(frame, { attachTo: document.body, global: { plugins: [router] } });
  await vi.dynamicImportSettled();
  return wrapper;
}
