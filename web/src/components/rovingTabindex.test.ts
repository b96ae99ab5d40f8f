import { itemAt } from '@fern/core';
import { mount, type VueWrapper } from '@vue/test-utils';
import { afterEach, describe, expect, it } from 'vitest';
import { defineComponent, nextTick, ref } from 'vue';
import { vRovingTabindex } from './rovingTabindex';

let page: VueWrapper;
afterEach(() => page.unmount());
const mounted = (part: ReturnType<typeof defineComponent>) => (page = mount(part, { attachTo: document.body }));
const focused = () => document.activeElement?.textContent;

describe('a row of buttons', () => {
  const all = ref(['1', '2', '3']);
  const row = defineComponent({
    directives: { rovingTabindex: vRovingTabindex },
    setup: () => ({ now: ref('2'), all }),
    template: `<div v-roving-tabindex><button v-for="one in all" :key="one" :aria-pressed="one === now" @click="now = one">{{ one }}</button></div>`,
  });
  const stops = () => page.findAll('button').filter(({ element }) => element.tabIndex === 0);
  const key = (name: string) =>
    page
      .findAll('button')
      .find(({ element }) => element === document.activeElement)
      ?.trigger('keydown', { key: name });

  it('is one tab stop, at what is chosen', () => {
    mounted(row);
    expect(stops().map((own) => own.text())).toEqual(['2']);
  });

  it('arrows go along it and stay at its ends, Home and End go there; the stop goes along', async () => {
    mounted(row);
    itemAt(stops(), 0).element.focus();
    await key('ArrowRight');
    await key('ArrowRight');
    expect([focused(), stops().map((own) => own.text())]).toEqual(['3', ['3']]);
    await key('Home');
    expect(focused()).toBe('1');
    await key('ArrowLeft');
    expect(focused()).toBe('1');
    await key('End');
    expect(focused()).toBe('3');
  });

  it('stays one stop when the row changes', async () => {
    mounted(row);
    all.value = ['2', '3', '4', '5'];
    await nextTick();
    expect(stops()).toHaveLength(1);
  });
});
