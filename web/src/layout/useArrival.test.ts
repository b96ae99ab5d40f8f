import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, expect, it } from 'vitest';
import { defineComponent, ref } from 'vue';
import { createMemoryHistory, createRouter, type Router } from 'vue-router';
import { eventually } from '../testing';
import { useArrival } from './useArrival';

const late = ref(false);
let page: VueWrapper;
let router: Router;

async function app(): Promise<void> {
  setActivePinia(createPinia());
  late.value = false;
  router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', component: { template: '<main><h1>Today</h1><a href="#x">on</a></main>' }, meta: { title: 'Today' } },
      {
        path: '/late',
        component: { setup: () => ({ late }), template: '<main><h1 v-if="late">Here now</h1></main>' },
        meta: { title: 'Late' },
      },
    ],
  });
  await router.push('/');
  const root = defineComponent({
    setup: () => useArrival(),
    template: '<RouterView />',
  });
  page = mount(root, { attachTo: document.body, global: { plugins: [router] } });
}
const focused = () => document.activeElement?.textContent;
afterEach(() => page.unmount());

it('the first page of all keeps the focus where the browser has it; its title says what it is', async () => {
  await app();
  expect(document.activeElement).toBe(document.body);
  expect(document.title).toBe('Today · Fern Test');
});

it('a heading that comes later is focused when it is there', async () => {
  await app();
  await router.push('/late');
  expect(document.title).toBe('Late · Fern Test');
  expect(document.activeElement).toBe(document.body);
  late.value = true;
  await eventually(() => expect(focused()).toBe('Here now'));
});

it('a person who is elsewhere by then stays there', async () => {
  await app();
  await router.push('/late');
  const field = document.body.appendChild(document.createElement('input'));
  field.focus();
  late.value = true;
  await eventually(() => expect(page.find('h1').exists()).toBe(true));
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(document.activeElement).toBe(field);
  field.remove();
});
