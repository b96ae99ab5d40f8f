import { flushPromises, mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import MissingPage from './MissingPage.vue';

it('a page that cannot be fetched is said to be missing, and is there at the second try', async () => {
  let network = false;
  const page = { template: '<p />' };
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', component: page },
      { path: '/plan', component: () => (network ? Promise.resolve(page) : Promise.reject(new TypeError('no network'))) },
    ],
  });
  await router.push('/');
  const note = mount(MissingPage, { global: { plugins: [router] } });
  expect(note.text()).toBe('');
  await router.push('/plan').catch(() => undefined);
  await flushPromises();
  expect([router.currentRoute.value.path, note.find('[role="alert"]').text()]).toEqual([
    '/',
    expect.stringContaining('could not be fetched'),
  ]);
  network = true;
  await note.find('button').trigger('click');
  await flushPromises();
  expect([router.currentRoute.value.path, note.text()]).toEqual(['/plan', '']);
});
