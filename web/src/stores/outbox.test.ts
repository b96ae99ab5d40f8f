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

  it('says what the server refused, and keeps it', async () => {
    const outbox = await signedIn();
    reply = () => Response.json({ detail: '26 is more than the 25 sown in D01.' }, { status: 422 });
    outbox.add('x', reading('r1'));
    await vi.advanceTimersByTimeAsync(0);
    expect(outbox.refused).toContain('more than the 25 sown');
    expect(kept()).toBe(1);
  });

  it('survives a browser store that holds nonsense', async () => {
    localStorage.setItem('fern-test.outbox', '{nonsense');
    expect((await signedIn()).count).toBe(0);
  });
});
