import { mount } from '@vue/test-utils';
import { describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { useHistory } from '../stores/history';
import { eventually, fakeServer, startedStudy } from '../testing';
import ExperimentLayout from './ExperimentLayout.vue';
import { useLoaded } from './loaded';

/** Opening takes breaths between its steps. */

/** A page that uses what the frame gives. */
const page = defineComponent({
  setup() {
    const { id, experiment, study } = useLoaded();
    return () => h('main', `${id.value}: ${experiment.value.title}, ${study.value.observations.length} readings`);
  },
});

async function frame(path: string) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', name: 'today', component: { template: '<p />' } },
      { path: '/ask', name: 'library', component: { template: '<p />' } },
      {
        path: '/experiments/:id',
        component: ExperimentLayout,
        props: true,
        children: [
          ...['ask', 'plan', 'prepare', 'log', 'weigh', 'write'].map((name) => ({ path: name, name, component: page })),
          { path: 'walk', name: 'walk', component: page, meta: { whole: true } },
        ],
      },
    ],
  });
  await router.push(path);
  const wrapper = mount({ template: '<RouterView />' }, { global: { plugins: [router] } });
  return { wrapper, router };
}

describe('the frame of an experiment', () => {
  it('says that it opens, then gives the experiment to its page', async () => {
    const study = startedStudy();
    fakeServer(study);
    const { wrapper } = await frame('/experiments/x/plan');
    expect(wrapper.text()).toContain('Opening the experiment');
    await eventually(() => expect(wrapper.find('main:not(.message)').exists()).toBe(true));
    expect(wrapper.find('main:not(.message)').text()).toBe(`x: ${study.experiment.title}, 0 readings`);
  });

  it('shows the trail with the state of each step', async () => {
    fakeServer(startedStudy());
    const { wrapper } = await frame('/experiments/x/log');
    await eventually(() => expect(wrapper.find('main:not(.message)').exists()).toBe(true));
    const steps = wrapper.findAll('.trail li').map((step) => step.text());
    expect(steps[1]).toContain('2 groups · 12 dishes');
    expect(steps[3]).toContain('due today: 12');
    expect(wrapper.find('[aria-current="step"]').text()).toContain('Log');
  });

  it('a walk has the page to itself', async () => {
    fakeServer(startedStudy());
    const { wrapper } = await frame('/experiments/x/walk');
    await eventually(() => expect(wrapper.find('main:not(.message)').exists()).toBe(true));
    expect(wrapper.find('.trail').exists()).toBe(false);
  });

  it('says what is wrong where it cannot be opened, and tries again', async () => {
    fakeServer(startedStudy());
    const good = globalThis.fetch;
    vi.stubGlobal('fetch', async (url: string, init: RequestInit) =>
      url.includes('/study') ? Response.json({ detail: 'There is nothing here.' }, { status: 404 }) : good(url, init),
    );
    const { wrapper } = await frame('/experiments/x/plan');
    await eventually(() => expect(wrapper.find('[role="alert"]').text()).toContain('There is nothing here.'));
    vi.stubGlobal('fetch', good);
    await wrapper.find('main.message button').trigger('click');
    await eventually(() => expect(wrapper.find('main:not(.message)').exists()).toBe(true));
  });

  it('offers to undo an edit, and nothing else', async () => {
    fakeServer(startedStudy());
    const { wrapper } = await frame('/experiments/x/plan');
    await eventually(() => expect(wrapper.find('main:not(.message)').exists()).toBe(true));
    const undo = () => wrapper.findAll('button').find((button) => button.text() === 'Undo');
    expect(undo()).toBeUndefined();
    useHistory().edit((now) => ({ ...now, title: 'Another' }));
    await wrapper.vm.$nextTick();
    await undo()?.trigger('click');
    expect(wrapper.find('main:not(.message)').text()).not.toContain('Another');
  });

  it('what it gives is there only inside it', () => {
    const outside = vi.spyOn(console, 'warn').mockImplementation(() => undefined);
    expect(() => mount(page)).toThrow(/inside the frame/);
    outside.mockRestore();
  });
});
