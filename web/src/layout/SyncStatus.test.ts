import { mount, type VueWrapper } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { blankOf, observationFields, itemAt } from '@fern/core';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';
import { storedPending, storePending, pendingEntry, type PendingEntry } from '../stores/pendingSync';
import { eventually, fakeServer, type FakeServer, startedStudy } from '../testing';
import SyncStatus from './SyncStatus.vue';

let server: FakeServer;
const reading = (id: string) => ({
  ...blankOf(observationFields),
  id,
  unit: 'D03',
  measure: 'sprouts',
  observedOn: '2026-04-14',
  value: 41,
});

/** The notes once the session is known, with what the browser held before. */
async function notes(held: readonly PendingEntry[], props: object = {}): Promise<VueWrapper> {
  server = fakeServer(startedStudy());
  await storePending(held);
  const good = globalThis.fetch;
  vi.stubGlobal('fetch', (url: string, init: RequestInit) => {
    if (!url.endsWith('/observations')) return good(url, init);
    const said = server.answer({ method: 'POST', path: url, body: JSON.parse(String(init.body)) });
    if (said === 'offline') return Promise.reject(new TypeError('no network'));
    return Promise.resolve(Response.json(said.body, { status: said.status }));
  });
  server.answer = () => 'offline';
  await useSession().load();
  const wrapper = mount(SyncStatus, { props });
  await useOutbox().send();
  await eventually(() => expect(wrapper.text()).not.toBe(''));
  return wrapper;
}
const mine = (id: string, more: object = {}) => ({ ...pendingEntry('me', 'x', { kind: 'reading', content: reading(id) }), ...more });

beforeEach(() => vi.useRealTimers());

describe('what became of the readings', () => {
  it('before this browser’s store was read nothing is called saved', async () => {
    server = fakeServer(startedStudy());
    await storePending([mine('a')]);
    await useSession().load();
    const wrapper = mount(SyncStatus);
    expect(wrapper.text()).toBe('');
    await eventually(() => expect(wrapper.text()).not.toBe(''));
  });

  it('where nothing waits all is saved, and on Today nothing is said of it', async () => {
    expect((await notes([])).text()).toBe('Fine:Everything so far is saved.');
    expect(mount(SyncStatus, { props: { quiet: true } }).text()).toBe('');
  });

  it('what waits without a network is kept, and is not called saved', async () => {
    const wrapper = await notes([mine('a'), mine('b')]);
    await eventually(() => expect(wrapper.text()).toBe('Take care:2 entries kept on this device, to be sent when the network is back.'));
    expect(wrapper.text()).not.toContain('saved');
  });

  it('what was not taken stands there with its reason until it is taken away', async () => {
    const wrapper = await notes([mine('a', { refused: '41 is more than the 25 sown in D03.' })]);
    expect(wrapper.text()).toContain('D03, Tue 14 Apr: 41 was not taken.');
    expect(wrapper.text()).toContain('41 is more than the 25 sown in D03.');
    expect(wrapper.text()).not.toContain('Everything so far is saved');
    await itemAt(wrapper.findAll('button'), 0).trigger('click');
    await eventually(() => expect(wrapper.text()).toBe('Fine:Everything so far is saved.'));
    expect(await storedPending()).toEqual([]);
  });

  it('what was not taken can be saved as a file, with the reason', async () => {
    const saved: string[] = [];
    vi.stubGlobal(
      'Blob',
      class {
        constructor(parts: string[]) {
          saved.push(parts.join(''));
        }
      },
    );
    vi.spyOn(URL, 'createObjectURL').mockReturnValue('blob:x');
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => undefined);
    const wrapper = await notes([mine('a', { refused: 'too many' })]);
    await itemAt(wrapper.findAll('button'), 1).trigger('click');
    expect(JSON.parse(itemAt(saved, 0))).toMatchObject([{ experiment: 'x', content: { unit: 'D03', value: 41 }, refused: 'too many' }]);
    vi.unstubAllGlobals();
  });

  it('nothing of another account is shown', async () => {
    const wrapper = await notes([mine('a', { account: 'someone', refused: 'theirs' })]);
    expect(wrapper.text()).toBe('Fine:Everything so far is saved.');
    expect(useOutbox().aside).toEqual([]);
  });

  it('an ended session is said, with what to do', async () => {
    const wrapper = await notes([mine('a')]);
    server.answer = () => ({ status: 401, body: { detail: 'Sign in first.' } });
    await eventually(async () => {
      await useOutbox().send();
      expect(wrapper.text()).toContain('You are signed out. Sign in again');
    });
  });
});
