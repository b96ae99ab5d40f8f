// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Observation } from '@fern/core';
import { useOutbox } from './outbox';
import { useSession } from './session';

const reading = (id: string) => ({ id, unit: 'D01', measure: 'sprouts', value: 3, observedOn: '2026-04-08' }) as Observation;
let sent: { path: string; ids: string[] }[];
let reply: () => Response;

beforeEach(() => {
  vi.useFakeTimers();
  setActivePinia(createPinia());
  localStorage.clear();
  sent = [];
  reply = () => Response.json({ observations: [] });
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    if (url === '/api/session') return Response.json({ account: { id: 'me', name: 'M. Bracken' }, firstStart: false, demo: [] });
    const { observations } = JSON.parse(String(init.body)) as { observations: Observation[] };
    sent.push({ path: url, ids: observations.map(({ id }) => id) });
    return reply();
  });
});

async function signedIn() {
  await useSession().load();
  const outbox = useOutbox();
  await vi.advanceTimersByTimeAsync(0);
  return outbox;
}
const kept = () => (JSON.parse(localStorage.getItem('fern-test.outbox') ?? '[]') as unknown[]).length;

describe('the outbox', () => {
  it('keeps a reading in the browser first, sends it, and lets it go when it is acknowledged', async () => {
    const outbox = await signedIn();
    outbox.add('x', reading('r1'));
    expect(kept()).toBe(1);
    expect(outbox.of('x')).toEqual([reading('r1')]);
    await vi.advanceTimersByTimeAsync(0);
    expect(sent).toEqual([{ path: '/api/experiments/x/observations', ids: ['r1'] }]);
    expect(outbox.count).toBe(0);
    expect(kept()).toBe(0);
  });

  it('without a network keeps all, and sends all when it is back, each experiment by itself', async () => {
    const outbox = await signedIn();
    reply = () => {
      throw new TypeError('no network');
    };
    outbox.add('x', reading('r1'));
    outbox.add('y', reading('r2'));
    outbox.add('x', reading('r3'));
    await vi.advanceTimersByTimeAsync(0);
    expect(outbox.offline).toBe(true);
    expect(outbox.count).toBe(3);
    sent = [];
    reply = () => Response.json({ observations: [] });
    await vi.advanceTimersByTimeAsync(6000);
    expect(sent).toEqual([
      { path: '/api/experiments/x/observations', ids: ['r1', 'r3'] },
      { path: '/api/experiments/y/observations', ids: ['r2'] },
    ]);
    expect(outbox.offline).toBe(false);
    expect(kept()).toBe(0);
  });

  it('after a closed tab sends what was left, with the same ids', async () => {
    localStorage.setItem('fern-test.outbox', JSON.stringify([{ account: 'me', experiment: 'x', observation: reading('left') }]));
    const outbox = await signedIn();
    expect(sent.map(({ ids }) => ids)).toEqual([['left']]);
    expect(outbox.count).toBe(0);
  });

  it('never sends what another account typed', async () => {
    localStorage.setItem('fern-test.outbox', JSON.stringify([{ account: 'someone', experiment: 'x', observation: reading('theirs') }]));
    const outbox = await signedIn();
    expect(sent).toEqual([]);
    expect(outbox.count).toBe(0);
    expect(kept()).toBe(1);
  });

  it('sets aside what the server refuses, with its words, and sends the others', async () => {
    const outbox = await signedIn();
    reply = () => {
      const { ids } = sent[sent.length - 1];
      const wrong = ids.indexOf('wrong');
      const detail = '26 is more than the 25 sown in D01.';
      return wrong < 0
        ? Response.json({ observations: [] })
        : Response.json({ detail, errors: [{ pointer: `/observations/${wrong}/value`, detail }] }, { status: 422 });
    };
    for (const id of ['r1', 'wrong', 'r2']) outbox.add('x', reading(id));
    await vi.advanceTimersByTimeAsync(0);
    expect(outbox.count).toBe(0);
    expect(outbox.aside).toMatchObject([{ observation: { id: 'wrong' }, refused: '26 is more than the 25 sown in D01.' }]);
    expect(outbox.of('x')).toEqual([]);
    expect(sent.flatMap(({ ids }) => ids)).toEqual(expect.arrayContaining(['r1', 'r2']));
    expect(kept()).toBe(1);
    sent = [];
    outbox.add('x', reading('r3'));
    await vi.advanceTimersByTimeAsync(0);
    expect(sent.map(({ ids }) => ids)).toEqual([['r3']]);
    outbox.drop(outbox.aside[0]);
    expect([outbox.aside.length, kept()]).toEqual([0, 0]);
  });

  it('what is refused as a whole, as of an experiment that is gone, is set aside as a whole', async () => {
    const outbox = await signedIn();
    reply = () => Response.json({ detail: 'There is nothing here.' }, { status: 404 });
    outbox.add('gone', reading('r1'));
    await vi.advanceTimersByTimeAsync(0);
    expect(outbox.aside.map(({ refused }) => refused)).toEqual(['There is nothing here.']);
  });

  it.each([
    [401, 'signed out'],
    [503, null],
    [429, null],
  ])('an answer of %d sets nothing aside: all of it waits', async (status, words) => {
    const outbox = await signedIn();
    reply = () => Response.json({ detail: 'Not now.' }, { status });
    outbox.add('x', reading('r1'));
    await vi.advanceTimersByTimeAsync(0);
    expect([outbox.count, outbox.aside.length]).toEqual([1, 0]);
    if (words === null) expect(outbox.stopped).toBeNull();
    else expect(outbox.stopped).toContain(words);
    reply = () => Response.json({ observations: [] });
    await (status === 401 ? outbox.send() : vi.advanceTimersByTimeAsync(6000));
    expect(outbox.count).toBe(0);
  });

  it('two tabs do not overwrite one another', async () => {
    const outbox = await signedIn();
    reply = () => {
      throw new TypeError('no network');
    };
    outbox.add('x', reading('mine'));
    const stored = JSON.parse(localStorage.getItem('fern-test.outbox') ?? '[]') as unknown[];
    const theirs = { account: 'me', experiment: 'x', observation: reading('theirs') };
    localStorage.setItem('fern-test.outbox', JSON.stringify([...stored, theirs]));
    window.dispatchEvent(new StorageEvent('storage', { key: 'fern-test.outbox' }));
    expect(outbox.count).toBe(2);
    outbox.add('x', reading('mine too'));
    expect(kept()).toBe(3);
    expect(outbox.of('x').map(({ id }) => id)).toEqual(['mine', 'theirs', 'mine too']);
  });

  it('where this browser has no room it says so, sends what it has, and forgets nothing that was kept', async () => {
    const outbox = await signedIn();
    reply = () => {
      throw new TypeError('no network');
    };
    outbox.add('x', reading('kept'));
    const roomy = localStorage;
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => roomy.getItem(key),
      setItem: () => {
        throw new DOMException('full', 'QuotaExceededError');
      },
    });
    outbox.add('x', reading('not kept'));
    expect([outbox.count, outbox.unkept, kept()]).toEqual([2, 1, 1]);
    vi.stubGlobal('localStorage', roomy);
    await vi.advanceTimersByTimeAsync(0);
    reply = () => Response.json({ observations: [] });
    await vi.advanceTimersByTimeAsync(6000);
    expect(sent[sent.length - 1].ids).toEqual(['kept', 'not kept']);
    expect([outbox.count, outbox.unkept, kept()]).toEqual([0, 0, 0]);
  });

  it('survives a browser store that holds nonsense', async () => {
    localStorage.setItem('fern-test.outbox', '{nonsense');
    expect((await signedIn()).count).toBe(0);
  });
});
