import { tupleOf } from '@fern/core';
import { mount, type VueWrapper } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { BinLine, HistoryLine, PersonLine } from '@fern/contract';
import { useSession } from '../stores/session';
import { eventually, freshBrowser, testRouter } from '../testing';
import AccountPage from './AccountPage.vue';
import { activityLabel, timeWords } from './historyWords';

let page: VueWrapper;
let calls: string[];
let bin: BinLine[];
let people: PersonLine[];
let refuse: Response | null;
const done: HistoryLine = { id: '1', experimentId: 'x', title: 'Salt', at: '2026-04-14T08:05:00.000Z', what: 'unit', detail: 'D03: lost' };

beforeEach(async () => {
  page?.unmount();
  document.body.innerHTML = '';
  freshBrowser();
  calls = [];
  refuse = null;
  bin = [{ id: 'x', title: 'Salt', deletedAt: '2026-04-14T08:05:00.000Z', goneAt: '2026-05-14T08:05:00.000Z' }];
  people = [{ name: 'Ada Moss', readings: 1, experiments: 1 }];
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    const path = url.replace('/api', '');
    if (init.method !== 'GET') calls.push(`${init.method} ${path} ${String(init.body ?? '')}`.trim());
    if (path === '/session')
      return Response.json({ account: { id: 'me', name: 'M. Bracken' }, firstStart: false, needsCode: false, demo: [] });
    if (refuse && init.method !== 'GET') return refuse;
    if (path === '/bin/x') bin = [];
    if (path === '/people/erased') people = [{ name: 'Person 0a1b2c', readings: 1, experiments: 1 }];
    if (init.method === 'PUT' || init.method === 'DELETE') return new Response(null, { status: 204 });
    if (path === '/bin') return Response.json(bin);
    if (path === '/people') return Response.json(people);
    if (path === '/history') return Response.json([done]);
    return Response.json([]);
  });
  await useSession().load();
  page = mount(AccountPage, { attachTo: document.body, global: { plugins: [testRouter()] } });
  await eventually(() => expect(page.text()).toContain('Ada Moss'));
});

const press = (words: string) => {
  const found = [...document.querySelectorAll('button')].filter((own) => own.textContent?.trim() === words);
  found.at(-1)?.click();
};

describe('a person’s own data and account', () => {
  it('shows the bin, the people and what was done', () => {
    expect(page.text()).toContain('gone for good on Thu 14 May');
    expect(page.text()).toContain('1 reading');
    expect(page.findAll('tbody td').map((cell) => cell.text())).toEqual([timeWords(done.at), 'Salt', 'state of a unit: D03: lost']);
    expect(page.find('a[href="/api/people/Ada%20Moss"]').attributes('download')).toBeDefined();
  });

  it('takes an experiment back from the bin', async () => {
    press('Take it back');
    await eventually(() => expect(page.text()).toContain('Empty. An experiment that you delete lies here for 30 days.'));
    expect(calls).toContain('POST /bin/x {}');
  });

  it('asks before it deletes for good', async () => {
    press('Delete it for good');
    await eventually(() => expect(document.querySelector('.ant-modal-content')?.textContent).toContain('cannot be had back'));
    expect(calls).toEqual([]);
    press('Delete it for good');
    await eventually(() => expect(calls).toEqual(['DELETE /bin/x']));
  });

  it('asks before it erases a name, and says what then stands there', async () => {
    press('Erase the name');
    await eventually(() => expect(document.querySelector('.ant-modal-content')?.textContent).toContain('Names inside notes are not found'));
    press('Erase the name');
    await eventually(() => expect(page.text()).toContain('Person 0a1b2c'));
    expect(calls).toEqual(['POST /people/erased {"name":"Ada Moss"}']);
  });

  it('changes the password, or says why not', async () => {
    const [now, next] = tupleOf(page.findAll('input[type="password"]'), 2);
    refuse = Response.json({ detail: 'That is not the password that you have now.' }, { status: 422 });
    await now.setValue('moss and fern');
    await next.setValue('a much better one');
    await page.find('form').trigger('submit');
    await eventually(() => expect(page.find('[role="alert"]').text()).toContain('not the password that you have now'));
    refuse = null;
    await page.find('form').trigger('submit');
    await eventually(() => expect(page.text()).toContain('The password is changed.'));
    expect(calls.at(-1)).toBe('PUT /password {"password":"moss and fern","next":"a much better one"}');
  });
});

it.each([
  ['made', null, 'made'],
  ['amended', 'the labels fell off', 'plan changed after the start: the labels fell off'],
] as const)('%s is said in words', (what, detail, words) => {
  expect(activityLabel({ ...done, what, detail })).toBe(words);
});
