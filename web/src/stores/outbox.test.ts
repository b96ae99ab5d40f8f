import { v7 as uuid } from 'uuid';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { blankOf, incidentFields, photoFields, type Observation, itemAt } from '@fern/core';
import { eventually, freshBrowser, freshPage } from '../testing';
import { useOutbox } from './outbox';
import { useSession } from './session';
import { dropPending, storedPending, storePending, pendingEntry, type Logged } from './pendingSync';

const reading = (id: string) => ({ id, unit: 'D01', measure: 'sprouts', value: 3, observedOn: '2026-04-08' }) as Observation;
const logged = (id: string): Logged => ({ kind: 'reading', content: reading(id) });
const lost: Logged = { kind: 'unit', content: { unit: 'D02', status: 'lost', statusReason: 'dropped', lostOn: null } };
const wrong: Logged = {
  kind: 'incident',
  content: { ...blankOf(incidentFields), id: 'w1', on: '2026-04-08', kind: 'other', note: 'a cat' },
};
/** What came to the server, a line a call: its path and the readings in it. */
let sent: { path: string; ids: string[]; account: string | null }[];
let reply: (call: { path: string; ids: string[] }) => Response;
/** The last form that came, taken apart. */
let form: { entry: unknown; picture: string } | null;
let who: { id: string; name: string } | null;
const good = () => Response.json({ observations: [] });
const noNetwork = () => {
  throw new TypeError('no network');
};

beforeEach(() => {
  freshBrowser();
  sent = [];
  form = null;
  reply = good;
  who = { id: 'me', name: 'M. Bracken' };
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    if (url === '/api/session') {
      if (reply === noNetwork) noNetwork();
      return Response.json({ account: who, firstStart: false, demo: [] });
    }
    const { observations = [] } = (init.body instanceof FormData ? {} : JSON.parse(String(init.body))) as { observations?: Observation[] };
    if (init.body instanceof FormData)
      form = { entry: JSON.parse(String(init.body.get('entry'))), picture: await (init.body.get('picture') as File).text() };
    const call = { path: url.replace('/api/experiments', ''), ids: observations.map(({ id }) => id) };
    sent.push({ ...call, account: new Headers(init.headers).get('x-fern-account') });
    return reply(call);
  });
});
afterEach(() => vi.useRealTimers());

async function signedIn() {
  await useSession().load();
  const outbox = useOutbox();
  await outbox.send();
  return outbox;
}
const kept = async () => (await storedPending()).length;
/** Until what was typed is kept in this browser and the first try to send it is over. */
const tried = async () => {
  // Turns of the event loop, not a time: the browser's store answers in a few of them.
  for (let turn = 0; turn < 100; turn++) await new Promise((resolve) => setImmediate(resolve));
  await useOutbox().send();
};
const paths = () => sent.map(({ path, ids }) => [path, ...ids].join(' '));

describe('the outbox', () => {
  it('sends nothing from a page that was left while a reading was being kept; it waits for the next', async () => {
    const left = await signedIn();
    const keeping = left.addAll('x', [logged('1')]);
    freshPage();
    await keeping;
    expect([sent, await kept()]).toEqual([[], 1]);
    await (await signedIn()).send();
    expect(paths()).toEqual(['/x/observations 1']);
  });

  it('a photo waits with its picture through a reload without a network, then goes as one form; what mends it goes as words', async () => {
    const photo = { ...blankOf(photoFields), id: 'p1', on: '2026-04-08', units: ['D01'], file: 'p1.jpg', width: 4, height: 3 };
    const before = await signedIn();
    reply = noNetwork;
    const picture = new TextEncoder().encode('leaves').buffer;
    await before.addAll('x', [{ kind: 'photo', content: photo, picture }]);
    await before.addAll('x', [{ kind: 'photo', content: { ...photo, id: 'p2', note: 'mended', replaces: 'p1' }, picture: null }]);
    await tried();
    expect((await storedPending()).map((item) => item.kind === 'photo' && item.picture?.byteLength)).toEqual([6, undefined]);
    freshPage();
    reply = good;
    const outbox = await signedIn();
    await eventually(() => expect(outbox.count).toBe(0));
    expect(paths().slice(-2)).toEqual(['/x/photos', '/x/photos/revisions']);
    expect(form).toEqual({ entry: photo, picture: 'leaves' });
    expect(await kept()).toBe(0);
  });

  it('keeps a reading in the browser first, sends it, and lets it go when it is acknowledged', async () => {
    const outbox = await signedIn();
    let keptWhenSent = 0;
    const fetching = globalThis.fetch;
    vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
      keptWhenSent = await kept();
      return fetching(url, init);
    });
    outbox.add('x', logged('r1'));
    expect(outbox.of('x')).toMatchObject([{ content: { id: 'r1' } }]);
    await tried();
    expect(keptWhenSent).toBe(1);
    expect(sent).toEqual([{ path: '/x/observations', ids: ['r1'], account: 'me' }]);
    expect([outbox.count, await kept()]).toEqual([0, 0]);
  });

  it('without a network keeps all, and sends all when it is back, each experiment by itself and in order', async () => {
    const outbox = await signedIn();
    reply = noNetwork;
    for (const [experiment, item] of [
      ['x', logged('r1')],
      ['y', logged('r2')],
      ['x', logged('r3')],
    ] as const)
      outbox.add(experiment, item);
    await tried();
    expect([outbox.offline, outbox.count, await kept()]).toEqual([true, 3, 3]);
    sent = [];
    reply = good;
    window.dispatchEvent(new Event('online'));
    await tried();
    // Without locks, as here, the store of another test sends them as well.
    expect([...new Set(paths())]).toEqual(['/x/observations r1 r3', '/y/observations r2']);
    expect([outbox.offline, await kept()]).toEqual([false, 0]);
  });

  it('tries again by itself after a while', async () => {
    const outbox = await signedIn();
    reply = () => Response.json({ detail: 'Not now.' }, { status: 503 });
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    outbox.add('x', logged('r1'));
    await eventually(() => expect(vi.getTimerCount()).toBeGreaterThan(0));
    reply = good;
    await vi.advanceTimersByTimeAsync(6000);
    vi.useRealTimers();
    await tried();
    expect(outbox.count).toBe(0);
  });

  it('readings, what went wrong and a loss wait in one queue and come in the order in which they were typed', async () => {
    const outbox = await signedIn();
    reply = noNetwork;
    const ids = Array.from({ length: 4 }, () => uuid());
    outbox.add('x', logged(itemAt(ids, 0)));
    outbox.add('x', { ...wrong, content: { ...wrong.content, id: itemAt(ids, 1) } });
    await tried();
    outbox.add('x', logged(uuid()));
    outbox.add('x', lost);
    await tried();
    sent = [];
    reply = good;
    await outbox.send();
    expect(sent.map(({ path }) => path)).toEqual(['/x/observations', '/x/incidents', '/x/observations', '/x/units/D02']);
    expect(await kept()).toBe(0);
  });

  it('after a closed tab sends what was left, with the same ids', async () => {
    await storePending([pendingEntry('me', 'x', logged('left'))]);
    const outbox = await signedIn();
    expect(paths()).toEqual(['/x/observations left']);
    expect(outbox.count).toBe(0);
  });

  it('takes over what an older version of the app left waiting', async () => {
    localStorage.setItem('fern-test.outbox', JSON.stringify([{ account: 'me', experiment: 'x', observation: reading('older') }]));
    await signedIn();
    expect(paths()).toEqual(['/x/observations older']);
    expect(localStorage.getItem('fern-test.outbox')).toBeNull();
  });

  it('never sends what another account typed, and keeps it', async () => {
    await storePending([pendingEntry('someone', 'x', logged('theirs'))]);
    const outbox = await signedIn();
    expect(sent).toEqual([]);
    expect([outbox.count, await kept()]).toEqual([0, 1]);
  });

  it('what was typed before the server said who this is belongs to whoever was signed in here, and is sent once the server says the same', async () => {
    await signedIn();
    freshPage();
    reply = noNetwork;
    const session = useSession();
    await session.load();
    expect([session.unreachable, session.account?.id]).toEqual([true, 'me']);
    const outbox = useOutbox();
    outbox.add('x', logged('r1'));
    await tried();
    expect([outbox.count, outbox.offline]).toEqual([1, true]);
    reply = good;
    await outbox.send();
    expect([session.unreachable, ...paths()]).toEqual([false, '/x/observations r1']);
  });

  it('sets aside what the server refuses, with its words, and sends the others', async () => {
    const outbox = await signedIn();
    reply = ({ ids }) => {
      const refused = ids.indexOf('wrong');
      const detail = '26 is more than the 25 sown in D01.';
      return refused < 0
        ? good()
        : Response.json({ detail, errors: [{ pointer: `/observations/${refused}/value`, detail }] }, { status: 422 });
    };
    for (const id of ['r1', 'wrong', 'r2']) outbox.add('x', logged(id));
    await tried();
    expect(outbox.count).toBe(0);
    expect(outbox.aside).toMatchObject([{ id: 'wrong', refused: '26 is more than the 25 sown in D01.' }]);
    expect(outbox.of('x')).toEqual([]);
    expect(sent.flatMap(({ ids }) => ids)).toEqual(expect.arrayContaining(['r1', 'r2']));
    expect(await kept()).toBe(1);
    sent = [];
    outbox.add('x', logged('r3'));
    await tried();
    expect(paths()).toEqual(['/x/observations r3']);
    await outbox.drop(outbox.aside);
    expect([outbox.aside.length, await kept()]).toEqual([0, 0]);
  });

  it('an experiment that the server cannot take just now does not hold up the others', async () => {
    const outbox = await signedIn();
    reply = ({ path }) => (path.startsWith('/full') ? Response.json({ detail: 'The disk is full.' }, { status: 507 }) : good());
    outbox.add('full', logged('r1'));
    outbox.add('y', logged('r2'));
    await tried();
    expect(outbox.waiting.map(({ id }) => id)).toEqual(['r1']);
  });

  it('what is refused as a whole, as of an experiment that is gone, is set aside as a whole', async () => {
    const outbox = await signedIn();
    reply = () => Response.json({ detail: 'There is nothing here.' }, { status: 404 });
    outbox.add('gone', logged('r1'));
    await tried();
    expect(outbox.aside.map(({ refused }) => refused)).toEqual(['There is nothing here.']);
  });

  it.each([
    [401, 'signed out'],
    [503, null],
    [429, null],
  ])('an answer of %d sets nothing aside: all of it waits', async (status, words) => {
    const outbox = await signedIn();
    reply = () => Response.json({ detail: 'Not now.' }, { status });
    outbox.add('x', logged('r1'));
    await tried();
    expect([outbox.count, outbox.aside.length]).toEqual([1, 0]);
    if (words === null) expect(outbox.stopped).toBeNull();
    else expect(outbox.stopped).toContain(words);
    reply = good;
    await outbox.send();
    expect(outbox.count).toBe(0);
  });

  it('two tabs do not overwrite one another, and what one has sent the other does not send', async () => {
    const outbox = await signedIn();
    reply = noNetwork;
    outbox.add('x', logged('a mine'));
    await tried();
    await storePending([pendingEntry('me', 'x', logged('b theirs'))]);
    outbox.add('x', logged('c mine too'));
    await tried();
    expect(await kept()).toBe(3);
    expect(outbox.of('x').map(({ id }) => id)).toEqual(['a mine', 'b theirs', 'c mine too']);
    await dropPending(['b theirs']);
    reply = good;
    sent = [];
    await outbox.send();
    expect(paths()).toEqual(['/x/observations a mine c mine too']);
  });

  it('where this browser has no room it says so, sends what it has, and forgets nothing that was kept', async () => {
    const outbox = await signedIn();
    reply = noNetwork;
    outbox.add('x', logged('a kept'));
    await tried();
    const put = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    outbox.add('x', logged('b not kept'));
    await tried();
    expect([outbox.count, outbox.unkept, await kept()]).toEqual([2, 1, 1]);
    put.mockRestore();
    reply = good;
    sent = [];
    await outbox.send();
    expect(paths()).toEqual(['/x/observations a kept b not kept']);
    expect([outbox.count, outbox.unkept, await kept()]).toEqual([0, 0, 0]);
  });

  it('survives a browser store that holds nonsense', async () => {
    localStorage.setItem('fern-test.outbox', '{nonsense');
    expect((await signedIn()).count).toBe(0);
  });
});
