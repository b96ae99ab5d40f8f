import { beforeEach, expect, it, vi } from 'vitest';
import type { News } from '@fern/contract';
import { blankOf, observationFields, type Observation, itemAt } from '@fern/core';
import { accept, eventually, fakeServer, type FakeServer, startedStudy } from '../testing';
import { useDocument } from './document';
import { useHistory } from './history';
import { useLog } from './log';
import { useOpening } from './openExperiment';
import { useOutbox } from './outbox';
import { useSession } from './session';
import { today } from './today';

/** Streams that the app opened, with what tells it something. */
class FakeStream {
  static opened: FakeStream[] = [];
  onmessage: ((event: { data: string }) => void) | null = null;
  onopen: (() => void) | null = null;
  closed = false;
  readonly url: string;
  constructor(url: string) {
    this.url = url;
    FakeStream.opened.push(this);
  }
  close(): void {
    this.closed = true;
  }
  tell(news: News): void {
    this.onmessage?.({ data: JSON.stringify(news) });
  }
}
const study = startedStudy();
const unit = itemAt(study.experiment.units, 0);
const reading = (id: string): Observation => ({
  ...blankOf(observationFields),
  id,
  unit: unit.code,
  measure: 'sprouts',
  observedOn: today(),
  value: 7,
});
let server: FakeServer;

beforeEach(async () => {
  FakeStream.opened = [];
  vi.stubGlobal('EventSource', FakeStream);
  server = fakeServer(study);
  await useSession().load();
  await useOpening().open('x');
  await eventually(() => expect(FakeStream.opened).toHaveLength(1));
});
const read = () => (useLog().study?.observations ?? []).map(({ id }) => id);

it('what another person logs stands here a moment later, and once', async () => {
  const stream = itemAt(FakeStream.opened, 0);
  expect(stream.url).toBe('/api/experiments/x/news');
  stream.tell({ logged: [{ kind: 'reading', content: reading('theirs') }] });
  stream.tell({ logged: [{ kind: 'reading', content: reading('theirs') }] });
  expect(read()).toEqual(['theirs']);
  useOutbox().add('x', { kind: 'reading', content: reading('mine') });
  stream.tell({ logged: [{ kind: 'reading', content: reading('mine') }] });
  await eventually(() => expect(read().sort()).toEqual(['mine', 'theirs']));
});

it('a document of another version is taken over only where nothing waits to be saved', async () => {
  server.answer = () => ({ status: 200, body: { id: 'x', version: 5, experiment: { ...study.experiment, title: 'Theirs' } } });
  itemAt(FakeStream.opened, 0).tell({ version: 5 });
  await eventually(() => expect(useDocument().experiment?.title).toBe('Theirs'));
  useDocument().change((now) => ({ ...now, title: 'Mine' }));
  itemAt(FakeStream.opened, 0).tell({ version: 6 });
  expect(useDocument().experiment?.title).toBe('Mine');
});

it('what came while a save was on its way is taken over when it has been answered', async () => {
  const theirs = { ...study.experiment, title: 'Mine', writing: { ...study.experiment.writing, conclusion: 'Theirs.' } };
  server.answer = (call) => {
    if (call.method === 'GET') return { status: 200, body: { id: 'x', version: 3, experiment: theirs } };
    // Stored, and changed by somebody else, before the answer is here.
    itemAt(FakeStream.opened, 0).tell({ version: 3 });
    return accept(call);
  };
  useDocument().change((now) => ({ ...now, title: 'Mine' }));
  await eventually(() => expect(useDocument().version).toBe(3));
  expect(useDocument().experiment?.writing.conclusion).toBe('Theirs.');
});

it('after a break everything is asked for anew, and another experiment has another stream', async () => {
  const stream = itemAt(FakeStream.opened, 0);
  stream.onopen?.();
  const calls = () => server.calls.filter(({ path }) => path.endsWith('/study?as=columns')).length;
  expect(calls()).toBe(1);
  stream.onopen?.();
  await eventually(() => expect(calls()).toBe(2));
  await useOpening().open('y');
  await eventually(() => expect(FakeStream.opened.at(-1)?.url).toBe('/api/experiments/y/news'));
  expect(stream.closed).toBe(true);
});

it('is one for the life of a page: saves, refusals and readings open no other', async () => {
  const { documentStore, history } = { documentStore: useDocument(), history: useHistory() };
  for (const title of ['A', 'B', 'C']) {
    history.edit((now) => ({ ...now, title }));
    await documentStore.flush();
  }
  server.answer = () => ({ status: 422, body: { detail: 'No.', errors: [{ pointer: '/experiment/title', detail: 'No.' }] } });
  history.edit((now) => ({ ...now, title: 'D' }));
  await documentStore.flush();
  useOutbox().add('x', { kind: 'reading', content: reading('mine') });
  expect([FakeStream.opened.length, itemAt(FakeStream.opened, 0).closed]).toEqual([1, false]);
});

it('ends with the session', async () => {
  const stream = itemAt(FakeStream.opened, 0);
  server.answer = () => ({ status: 401, body: { detail: 'Sign in.' } });
  useHistory().edit((now) => ({ ...now, title: 'A' }));
  await useDocument().flush();
  expect(stream.closed).toBe(true);
});
