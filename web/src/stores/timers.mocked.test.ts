import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ExperimentLine } from '@fern/contract';
import type { Timer } from '@fern/core';
import { fakeServer, freshPage, startedStudy } from '../testing';
import { useExperiments } from './experiments';
import { useSession } from './session';
import { useTimers } from './timers';

const rings: string[] = [];
vi.mock('./timerNotification', () => ({
  notifyTimer: (words: string) => void rings.push(words),
  mayAsk: () => false,
  askToNotify: () => Promise.resolve(),
}));

const START = Date.parse('2026-04-14T09:00:00Z');
const soak: Timer = {
  key: 'soak 1',
  what: 'step',
  label: 'soak',
  units: 4,
  began: '2026-04-14T09:00:00Z',
  ends: '2026-04-14T10:00:00Z',
  endsTo: '2026-04-14T10:00:00Z',
};
const drain: Timer = { ...soak, key: 'drain 1', label: 'drain', ends: '2026-04-14T09:10:00Z', endsTo: '2026-04-14T09:10:00Z' };
const lineOf = (timers: readonly Timer[]): ExperimentLine => ({
  id: 'x',
  title: 'Old seed',
  unitWord: 'dish',
  startedOn: '2026-04-14',
  measures: [],
  walks: [],
  steps: [],
  timers,
  place: 'bench',
});

/** A tab in which the app was just opened. */
async function openTab(timers: readonly Timer[]) {
  freshPage();
  server.list = [lineOf(timers)];
  await useSession().load();
  const own = useTimers();
  await useExperiments().load();
  await vi.advanceTimersByTimeAsync(300);
  return own;
}
let server: ReturnType<typeof fakeServer>;
beforeEach(() => {
  vi.useFakeTimers({ now: START, toFake: ['Date', 'setInterval', 'clearInterval', 'setTimeout', 'clearTimeout'] });
  server = fakeServer(startedStudy());
  rings.length = 0;
});
afterEach(() => vi.useRealTimers());

describe('timers', () => {
  it('are right to the second, several at once, the next to end first', async () => {
    const timers = await openTab([soak, drain]);
    expect(timers.all.map(({ label, left }) => [label, left])).toEqual([
      ['drain', 600],
      ['soak', 3600],
    ]);
    await vi.advanceTimersByTimeAsync(61_000);
    expect(timers.first?.left).toBe(539);
  });

  it('after the tab was closed and opened again, with the server started anew, are right to the second', async () => {
    await openTab([soak]);
    freshPage();
    vi.setSystemTime(START + 1_234_000);
    const timers = await openTab([soak]);
    expect(timers.first?.left).toBe(3600 - 1234);
    expect(rings).toEqual([]);
  });

  it('ring once, also where the tab was closed at that moment, and not again in the next tab', async () => {
    const timers = await openTab([soak, drain]);
    await vi.advanceTimersByTimeAsync(601_000);
    expect(rings).toEqual(['drain: time is up']);
    expect(timers.over.map(({ label }) => label)).toEqual(['drain']);
    vi.setSystemTime(START + 4_000_000);
    await openTab([soak, drain]);
    await openTab([soak, drain]);
    expect(rings).toEqual(['drain: time is up', 'soak: time is up']);
  });

  it('ring in one of two tabs that are open at once', async () => {
    await openTab([drain]);
    // The second tab does not close the first.
    setActivePinia(createPinia());
    await useSession().load();
    useTimers();
    await useExperiments().load();
    await vi.advanceTimersByTimeAsync(601_000);
    expect(rings).toEqual(['drain: time is up']);
  });

  it('are there without a network, as this browser saw them last', async () => {
    await openTab([soak]);
    freshPage();
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
    await useSession().load();
    const timers = useTimers();
    await useExperiments().load();
    expect(timers.all.map(({ label }) => label)).toEqual(['soak']);
  });

  it('are gone once they are ended', async () => {
    await openTab([soak]);
    const timers = await openTab([]);
    expect(timers.all).toEqual([]);
  });
});
