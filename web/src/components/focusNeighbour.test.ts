import { mount, type VueWrapper } from '@vue/test-utils';
import { afterEach, describe, expect, it } from 'vitest';
import { defineComponent, ref } from 'vue';
import AddButton from './AddButton.vue';
import RemoveButton from './RemoveButton.vue';

let page: VueWrapper;
afterEach(() => page.unmount());

const mounted = (part: ReturnType<typeof defineComponent>) => (page = mount(part, { attachTo: document.body }));
const focused = () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent;

describe('a list that lines are added to and taken from', () => {
  const list = (place: 'before' | 'after' | 'inside') =>
    defineComponent({
      components: { AddButton, RemoveButton },
      setup() {
        const names = ref(['moss', 'fern', 'reed']);
        const add = () => (names.value = [...names.value, `new ${names.value.length}`]);
        const away = (name: string) => (names.value = names.value.filter((own) => own !== name));
        return { names, add, away, place };
      },
      template: `
        <section>
          <div v-if="place === 'before'"><AddButton @add="add">Add</AddButton></div>
          <p>Words between.</p>
          <ul>
            <li v-for="name in names" :key="name"><input :aria-label="name" :value="name" /><RemoveButton :label="'Take away ' + name" @away="away(name)" /></li>
            <li v-if="place === 'inside'"><AddButton @add="add">Add</AddButton></li>
          </ul>
          <p v-if="place === 'after'"><AddButton @add="add">Add</AddButton></p>
        </section>`,
    });

  it.each(['before', 'after', 'inside'] as const)('the button stands %s: the focus is in the new line, on its name', async (place) => {
    mounted(list(place));
    await page.get('[data-adds]').trigger('click');
    expect(focused()).toBe('new 3');
  });

  it('after one is taken away the focus is on the next, after the last one on the one before, after all on what adds', async () => {
    mounted(list('before'));
    const press = (name: string) => page.get(`[aria-label="Take away ${name}"]`).trigger('click');
    await press('fern');
    expect(focused()).toBe('Take away reed');
    await press('reed');
    expect(focused()).toBe('Take away moss');
    await press('moss');
    expect(focused()).toBe('Add');
  });
});
