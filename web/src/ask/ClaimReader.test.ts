// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import type { Experiment } from '@fern/core';
import ClaimReader from './ClaimReader.vue';

async function reader(claim: string) {
  const wrapper = mount(ClaimReader, { props: { busy: false } });
  await wrapper.find('textarea').setValue(claim);
  await wrapper.find('.take').trigger('click');
  const value = (label: string) => wrapper.find<HTMLInputElement | HTMLSelectElement>(`[aria-label="${label}"]`).element.value;
  const go = wrapper.findAll('button').find((button) => button.text() === 'Make it a test');
  const made = () => wrapper.emitted<[Experiment]>('test')?.at(-1)?.[0];
  return { wrapper, value, go, made };
}

describe('a claim in one’s own words', () => {
  it('is taken apart, and only what is missing is asked for', async () => {
    const { wrapper, value } = await reader('Honey makes mint cuttings root twice as fast');
    expect(value('Plant')).toContain('mint');
    expect(value('What is done')).toContain('Honey');
    expect(wrapper.text()).toContain('It gives a size');
    expect(wrapper.findAll('.ask').map((ask) => ask.text())).toEqual([
      expect.stringContaining('without it'),
      expect.stringContaining('What would be measured'),
    ]);
    expect(wrapper.text()).toContain('2 parts are still open.');
  });

  it('cannot be made a test while a part is open, and can when it is filled', async () => {
    const { wrapper, go, made } = await reader('Honey makes mint cuttings root twice as fast');
    expect(go?.attributes('disabled')).toBeDefined();
    await wrapper.find('.ask button').trigger('click');
    await wrapper.find('[aria-label="What is measured"]').setValue('rooted');
    expect(wrapper.find('.ask').exists()).toBe(false);
    await go?.trigger('click');
    expect(made()).toMatchObject({
      claim: 'Honey makes mint cuttings root twice as fast',
      plan: { plant: expect.stringContaining('mint') },
    });
    expect(made()?.arms.map(({ role }) => role)).toEqual(['control', 'treatment']);
  });

  it('a word that nobody could measure is asked about', async () => {
    const { wrapper } = await reader('Coffee grounds make tomatoes healthier');
    expect(wrapper.text()).toContain('cannot be measured as it stands');
  });

  it('for a day “more” means sooner: the good side', async () => {
    const { wrapper, go, made } = await reader('Peel water makes marigolds flower sooner');
    for (const button of wrapper.findAll('.ask button')) await button.trigger('click');
    await wrapper.find('[aria-label="Which way"]').setValue('more');
    await go?.trigger('click');
    expect(made()?.measures[0]).toMatchObject({ kind: 'event', higherIs: 'worse' });
  });
});
