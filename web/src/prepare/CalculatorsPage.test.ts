import { mount } from '@vue/test-utils';
import { createMemoryHistory, createRouter } from 'vue-router';
import { beforeEach, describe, expect, it } from 'vitest';
import CalculatorsPage from './CalculatorsPage.vue';
import { fakeServer, startedStudy } from '../testing';

async function open(id: string) {
  const page = { template: '<p />' };
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', name: 'today', component: page },
      { path: '/ask', name: 'library', component: page },
      { path: '/calculators/:calculator?', name: 'calculators', component: page },
    ],
  });
  await router.push(`/calculators/${id}`);
  return { wrapper: mount(CalculatorsPage, { global: { plugins: [router] }, attachTo: document.body }), router };
}
const field = (wrapper: Awaited<ReturnType<typeof open>>['wrapper'], label: string) =>
  wrapper.get<HTMLInputElement>(`input[aria-label="${label}"]`);

describe('the calculators by themselves', () => {
  beforeEach(() => void fakeServer(startedStudy()));

  it('work out what is typed as people write it, with the formula, its source and a spoon', async () => {
    const { wrapper } = await open('one-in-many');
    await field(wrapper, 'Ratio').setValue('1+9');
    await field(wrapper, 'Solution in all').setValue('1/2 cup');
    const out = wrapper.get('[aria-label="What comes out"]').text();
    expect(out).toContain('11.8 mL');
    expect(out).toContain('118.3 mL ÷ (1 + 9) = 11.83 mL');
    expect(out).toContain('level: 2½ tsp');
    expect(out).toContain('Source:');
    expect(wrapper.text()).toContain('product labels come first');
  });

  it('say beside the field what cannot be, and keep what was typed', async () => {
    const { wrapper } = await open('peroxide');
    await field(wrapper, 'Wanted').setValue('40000');
    expect(wrapper.get('[role="alert"]').text()).toContain('it cannot make 40000');
    expect(field(wrapper, 'Wanted').element.value).toBe('40000');
  });

  it('show ounces and cups once asked, in every calculator', async () => {
    const { wrapper, router } = await open('parts-by-mass');
    expect(wrapper.get('[aria-label="What comes out"]').text()).toContain('480 g');
    await wrapper.get('select[aria-label="Shown in"]').setValue('us');
    expect(wrapper.get('[aria-label="What comes out"]').text()).toContain('1.06 lb');
    await router.push('/calculators/wetting');
    await wrapper.vm.$nextTick();
    expect(wrapper.get('h1').text()).toBe('Wetting a medium');
    expect(wrapper.get('[aria-label="What comes out"]').text()).toContain('cup');
  });

  it('are found by what one would call them; an address that is none says so', async () => {
    const { wrapper } = await open('smidgens');
    expect(wrapper.get('[role="alert"]').text()).toContain('no calculator “smidgens”');
    await wrapper.get('[data-find]').setValue('vpd');
    expect(wrapper.findAll('nav[aria-label="Calculators"] a').map((link) => link.text())).toEqual(['How dry the air is for a leaf']);
    await wrapper.get('[data-find]').setValue('qqq');
    expect(wrapper.text()).toContain('No calculator has “qqq” in it');
  });
});
