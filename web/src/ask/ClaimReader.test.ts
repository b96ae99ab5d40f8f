import { mount } from '@vue/test-utils';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import type { Experiment } from '@fern/core';
import ClaimReader from './ClaimReader.vue';

// What reads a claim is loaded when the first is taken apart.
beforeAll(() => import('./ClaimApart.vue'));

async function reader(claim: string) {
  const wrapper = mount(ClaimReader, { props: { busy: false } });
  await wrapper.find('textarea').setValue(claim);
  await wrapper.find('.take').trigger('click');
  await vi.waitFor(() => expect(wrapper.find('.apart').exists()).toBe(true));
  const value = (label: string) => wrapper.find<HTMLInputElement | HTMLSelectElement>(`[aria-label="${label}"]`).element.value;
  const press = (text: string) => wrapper.findAll('button').find((button) => button.text() === text);
  const made = () => wrapper.emitted<[Experiment]>('test')?.at(-1)?.[0];
  return { wrapper, value, press, made };
}

describe('a claim in one’s own words', () => {
  it('is taken apart, and only what is missing is asked for', async () => {
    const { wrapper, value } = await reader('My aunt swears that honey makes mint cuttings grow twice as fast');
    expect(value('Plant')).toContain('mint');
    expect(value('What is done')).toContain('honey');
    expect(value('Who says so')).toBe('My aunt');
    expect(wrapper.text()).toContain('It gives a size');
    expect(wrapper.findAll('.ask').map((ask) => ask.text())).toEqual([
      expect.stringContaining('without it'),
      expect.stringContaining('What would be measured'),
    ]);
    expect(wrapper.text()).toContain('2 parts are still open.');
  });

  it('cannot be made a test while a part is open, and can when it is filled', async () => {
    const { wrapper, press, made } = await reader('My aunt swears that honey makes mint cuttings grow twice as fast');
    expect(press('Make it a test')?.attributes('disabled')).toBeDefined();
    await wrapper.find('.ask button').trigger('click');
    await wrapper.find('[aria-label="What is measured"]').setValue('rooted');
    await wrapper.find('[aria-label="How is it said to work?"]').setValue('it feeds them');
    expect(wrapper.find('.ask').exists()).toBe(false);
    await press('Make it a test')?.trigger('click');
    expect(made()).toMatchObject({
      claim: 'My aunt swears that honey makes mint cuttings grow twice as fast',
      plan: { plant: expect.stringContaining('mint'), claimSource: 'My aunt', claimedMechanism: 'it feeds them' },
    });
    expect(made()?.arms.map(({ role }) => role)).toEqual(['control', 'treatment']);
  });

  it('a word that nobody could measure is asked about', async () => {
    const { wrapper } = await reader('Coffee grounds make tomatoes healthier');
    expect(wrapper.text()).toContain('cannot be measured as it stands');
  });

  it('for a day “more” means sooner: the good side', async () => {
    const { wrapper, press, made } = await reader('Peel water makes marigolds flower sooner');
    for (const button of wrapper.findAll('.ask button')) await button.trigger('click');
    await wrapper.find('[aria-label="Which way"]').setValue('more');
    await press('Make it a test')?.trigger('click');
    expect(made()?.measures[0]).toMatchObject({ kind: 'event', higherIs: 'worse', expected: 'less' });
  });

  it('the question that is ready and near is offered, with what is kept; it starts for the claim’s own plant', async () => {
    const { wrapper, press, made } = await reader('They say talking to basil makes it grow taller');
    const near = wrapper.find('.near');
    expect(near.text()).toContain('music');
    expect(near.text()).toContain('Kept of the claim: the plant, basil');
    await press('Start from this question')?.trigger('click');
    expect(made()).toMatchObject({ claim: expect.stringContaining('talking to basil'), plan: { plant: 'basil' } });
    expect(made()?.question).toContain('basil');
  });

  it('a claimed size goes along to the question that is ready', async () => {
    const { press, made } = await reader('They say talking to basil makes it grow twice as tall');
    await press('Start from this question')?.trigger('click');
    expect(made()?.claimedRatio).toBe(2);
  });

  it('of what nobody has a question for, none is offered', async () => {
    const { wrapper } = await reader('Whispering courage makes radishes heavier');
    expect(wrapper.find('.near').exists()).toBe(false);
  });
});
