import { tupleOf } from '@fern/core';
import { mount } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Account } from '@fern/contract';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';
import { storedPending } from '../stores/pendingSync';
import { eventually, freshBrowser } from '../testing';
import SignInForm from './SignInForm.vue';
import SignOut from './SignOut.vue';
import SignedOut from './SignedOut.vue';

let network: boolean;
let calls: string[];
let first: boolean;
let demo: Account[];

beforeEach(() => {
  document.body.innerHTML = '';
  freshBrowser();
  network = true;
  first = false;
  demo = [];
  calls = [];
  vi.stubGlobal('location', { assign: vi.fn() });
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    if (!network) throw new TypeError('no network');
    calls.push(`${init.method} ${url.replace('/api', '')} ${String(init.body ?? '')}`.trim());
    if (url === '/api/accounts' && !String(init.body).includes('12345678'))
      return Response.json({ detail: 'Type the code.', errors: [{ pointer: '/code', detail: 'Type the code.' }] }, { status: 403 });
    const account = first ? null : { id: 'me', name: 'M. Bracken' };
    return Response.json({ account, firstStart: first, needsCode: first, demo, observations: [] });
  });
});

describe('signing out', () => {
  it('goes at once where everything has reached the server', async () => {
    await useSession().load();
    await mount(SignOut, { attachTo: document.body }).find('button').trigger('click');
    await eventually(() => expect(location.assign).toHaveBeenCalledWith('/door'));
    expect(calls).toContain('DELETE /session');
  });

  it('says first what has not, and where it stays', async () => {
    await useSession().load();
    network = false;
    useOutbox().add('x', { kind: 'unit', content: { unit: 'D01', status: 'lost', statusReason: null, lostOn: null } });
    await mount(SignOut, { attachTo: document.body }).find('button').trigger('click');
    await eventually(() => expect(document.body.textContent).toContain('1 entry stays in this browser.'));
    expect(document.body.textContent).toContain('they go on when M. Bracken signs in here again');
    expect(location.assign).not.toHaveBeenCalled();
    [...document.querySelectorAll('button')].find((own) => own.textContent?.includes('all the same'))?.click();
    await eventually(() => expect(location.assign).toHaveBeenCalledWith('/door'));
    expect(await storedPending()).toHaveLength(1);
  });
});

describe('the first account', () => {
  it('where others can reach the server asks for its code, and says where it is wrong', async () => {
    first = true;
    await useSession().load();
    const form = mount(SignInForm, { attachTo: document.body });
    const [name, password, code] = tupleOf(form.findAll('input'), 3);
    await name.setValue('M. Bracken');
    await password.setValue('moss and fern');
    await form.find('form').trigger('submit');
    await eventually(() => expect(form.text()).toContain('Type the code.'));
    await code.setValue('12345678');
    await form.find('form').trigger('submit');
    await eventually(() => expect(form.emitted('done')).toHaveLength(1));
  });
});

describe('where the session has ended', () => {
  it('the way back is name and password, and in the demo one press', async () => {
    await useSession().load();
    expect(mount(SignedOut).findAll('input')).toHaveLength(2);
    demo = [{ id: 'me', name: 'M. Bracken' }];
    await useSession().load();
    const page = mount(SignedOut);
    expect(page.findAll('input')).toHaveLength(0);
    await page.find('button').trigger('click');
    await eventually(() => expect(calls).toContain('POST /session/demo {"account":"me"}'));
  });
});
