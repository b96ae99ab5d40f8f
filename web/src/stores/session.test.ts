import { beforeEach, describe, expect, it, vi } from 'vitest';
import { eventually, freshBrowser, freshPage, startedStudy } from '../testing';
import { blankOf, incidentFields, packColumns } from '@fern/core';
import { api } from './api';
import { useExperiments } from './experiments';
import { cacheAnswer, cachedAnswer } from './offlineCache';
import { useLog } from './log';
import { useOpening } from './openExperiment';
import { useOutbox } from './outbox';
import { useSession } from './session';

const mine = { id: 'me', name: 'M. Bracken' };
const theirs = { id: 'them', name: 'Other' };
let who: typeof mine | null;
let network: boolean;
let calls: string[];
const study = startedStudy();
const line = { id: 'x', title: 'Salt', unitWord: 'dish', startedOn: null, measures: [], walks: [], steps: [], place: 'bench' };

beforeEach(() => {
  freshBrowser();
  who = mine;
  network = true;
  calls = [];
  vi.stubGlobal('location', { assign: vi.fn() });
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    if (!network) throw new TypeError('no network');
    calls.push(`${init.method} ${url}`);
    if (url === '/api/session' && init.method === 'DELETE') who = null;
    if (url === '/api/session') return Response.json({ account: who, firstStart: false, demo: [] });
    if (who === null) return Response.json({ detail: 'Sign in, then try again.' }, { status: 401 });
    if (url === '/api/experiments') return Response.json([line]);
    if (url.endsWith('as=columns')) return Response.json({ version: 1, ...study, observations: packColumns([]) });
    return Response.json({ observations: [] });
  });
});

/** As after a reload of the page. */
async function reloaded() {
  freshPage();
  await useSession().load();
}

describe('who is signed in', () => {
  it('without a network is whoever was signed in here, with the list and the experiments that were opened', async () => {
    await useSession().load();
    await useExperiments().load();
    await useOpening().open('x');
    await eventually(async () => expect(await cachedAnswer('me', '/experiments/x/study?as=columns')).not.toBeNull());
    network = false;
    await reloaded();
    expect([useSession().unreachable, useSession().account]).toEqual([true, mine]);
    await useExperiments().load();
    expect(useExperiments().list).toEqual([line]);
    await useOpening().open('x');
    expect(useLog().study?.experiment).toEqual(study.experiment);
  });

  it('an experiment opened without a network has what was sent since it was kept', async () => {
    await useSession().load();
    await useOpening().open('x');
    await eventually(async () => expect(await cachedAnswer('me', '/experiments/x/study?as=columns')).not.toBeNull());
    useLog().addIncident({ ...blankOf(incidentFields), id: 'h1', on: '2026-04-03', kind: 'other', note: 'a cat' });
    await eventually(() => expect(useOutbox().count).toBe(0));
    network = false;
    await reloaded();
    await useOpening().open('x');
    expect(useLog().study?.incidents.map(({ note }) => note)).toEqual(['a cat']);
  });

  it('whoever signs out leaves nothing to read behind', async () => {
    await useSession().load();
    await useExperiments().load();
    await eventually(async () => expect(await cachedAnswer('me', '/experiments')).not.toBeNull());
    await useSession().leave();
    expect(await cachedAnswer('me', '/experiments')).toBeNull();
    expect(JSON.stringify({ ...localStorage })).not.toContain('Bracken');
    network = false;
    await reloaded();
    expect([useSession().unreachable, useSession().account]).toEqual([false, null]);
  });

  it('signing out without a network holds: the server is told first of all when it answers', async () => {
    await useSession().load();
    network = false;
    await useSession().leave();
    expect(location.assign).toHaveBeenCalledWith('/door');
    network = true;
    calls = [];
    await reloaded();
    expect(calls.slice(0, 2)).toEqual(['DELETE /api/session', 'GET /api/session']);
    expect(useSession().account).toBeNull();
  });

  it('another account on the same browser finds nothing of the first', async () => {
    await useSession().load();
    await cacheAnswer('me', '/experiments', ['secret']);
    who = theirs;
    await reloaded();
    expect(useSession().account).toEqual(theirs);
    expect(await cachedAnswer('me', '/experiments')).toBeNull();
  });

  it('nor where this browser forgot who was here last', async () => {
    await cacheAnswer('me', '/experiments', ['secret']);
    await cacheAnswer('them', '/experiments', ['own']);
    who = theirs;
    await useSession().load();
    expect(await cachedAnswer('me', '/experiments')).toBeNull();
    expect(await cachedAnswer('them', '/experiments')).toMatchObject({ answer: ['own'] });
  });

  it('is whom the server named last, where two answers overtake one another', async () => {
    let arrive: (answer: Response) => void = () => undefined;
    const answers = [new Promise<Response>((resolve) => (arrive = resolve)), Response.json({ account: mine, firstStart: false, demo: [] })];
    vi.stubGlobal('fetch', async () => {
      const answer = answers.shift();
      if (!answer) throw new TypeError('no network');
      return answer;
    });
    const late = useSession().load();
    await useSession().load();
    arrive(Response.json({ account: null, firstStart: false, demo: [] }));
    await late;
    expect([useSession().account, useSession().expired]).toEqual([mine, false]);
    await reloaded();
    expect(useSession().account).toEqual(mine);
  });

  it('a session that ends hides the pages until the same person is back, and keeps what waits', async () => {
    await useSession().load();
    who = null;
    useOutbox().add('x', { kind: 'unit', content: { unit: 'D01', status: 'lost', statusReason: null, lostOn: null } });
    await eventually(() => expect(useSession().expired).toBe(true));
    expect(useOutbox().count).toBe(1);
    who = mine;
    await useSession().enter({ name: 'M. Bracken', password: 'moss and fern' });
    await useOutbox().send();
    expect([useSession().expired, useOutbox().count]).toEqual([false, 0]);
  });

  it('when another person signs in instead, the page begins anew', async () => {
    await useSession().load();
    who = null;
    await expect(api.get('/experiments')).rejects.toThrow('Sign in');
    await eventually(() => expect(useSession().expired).toBe(true));
    who = theirs;
    await useSession().enter({ name: 'Other', password: 'moss and fern' });
    expect(location.assign).toHaveBeenCalledWith('/');
    expect(useSession().expired).toBe(true);
  });
});
