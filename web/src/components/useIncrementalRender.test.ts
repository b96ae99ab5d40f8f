import { mount } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, ref } from 'vue';
import { useDeferred } from './useDeferred';
import { useIncrementalRender } from './useIncrementalRender';

let frames: (() => void)[];
beforeEach(() => {
  frames = [];
  vi.stubGlobal('requestAnimationFrame', (work: () => void) => frames.push(work));
  vi.stubGlobal('cancelAnimationFrame', (id: number) => (frames[id - 1] = () => undefined));
});
const nextFrame = async () => {
  for (const work of frames.splice(0)) work();
  await Promise.resolve();
};

function drawn(items: readonly number[], each: number) {
  const list = ref(items);
  const wrapper = mount(
    defineComponent(() => {
      const shown = useIncrementalRender(
        () => list.value,
        () => each,
      );
      return () => h('p', shown.value.join(' '));
    }),
  );
  return { list, wrapper };
}

describe('a long list', () => {
  it('is drawn a slice a frame until all of it stands there', async () => {
    const { wrapper } = drawn([1, 2, 3, 4, 5], 2);
    const seen = [wrapper.text()];
    for (let i = 0; i < 3; i++) {
      await nextFrame();
      seen.push(wrapper.text());
    }
    expect(seen).toEqual(['1 2', '1 2 3 4', '1 2 3 4 5', '1 2 3 4 5']);
    expect(frames).toHaveLength(0);
  });

  it('that is short comes whole', () => {
    expect(drawn([1, 2], 2).wrapper.text()).toBe('1 2');
  });

  it('with other items of the same number changes at once, as when two change places', async () => {
    const { list, wrapper } = drawn([1, 2, 3, 4], 4);
    list.value = [2, 1, 3, 4];
    await wrapper.vm.$nextTick();
    expect(wrapper.text()).toBe('2 1 3 4');
  });

  it('that grows keeps what is drawn; one that shrinks shows no more than it has', async () => {
    const { list, wrapper } = drawn([1, 2], 2);
    list.value = [1, 2, 3, 4, 5, 6];
    await wrapper.vm.$nextTick();
    expect(wrapper.text()).toBe('1 2 3 4');
    list.value = [9];
    await wrapper.vm.$nextTick();
    expect(wrapper.text()).toBe('9');
  });
});

it('what is long to draw waits until the page was seen', async () => {
  vi.useFakeTimers();
  const wrapper = mount(
    defineComponent(() => {
      const later = useDeferred();
      return () => h('p', later.value ? 'all' : 'the head');
    }),
  );
  expect(wrapper.text()).toBe('the head');
  await nextFrame();
  expect(wrapper.text()).toBe('the head');
  await vi.runAllTimersAsync();
  expect(wrapper.text()).toBe('all');
  vi.useRealTimers();
});
