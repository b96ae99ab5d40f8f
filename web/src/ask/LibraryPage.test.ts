import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { questions, itemAt } from '@fern/core';
import LibraryPage from './LibraryPage.vue';

const empty = { template: '<div />' };
const router = createRouter({
  history: createMemoryHistory(),
  routes: ['today', 'library', 'ask', 'account', 'door'].map((name) => ({ path: `/${name}`, name, component: empty })),
});

let page: VueWrapper;
beforeEach(() => {
  const pinia = createPinia();
  setActivePinia(pinia);
  page?.unmount();
  page = mount(LibraryPage, { attachTo: document.body, global: { plugins: [pinia, router], stubs: { AppHeader: true } } });
});

const openTitles = () =>
  page.findAll('details[open] [data-question]').map((button) => button.attributes('aria-label')?.replace('Use this question: ', ''));
const find = () => page.find('input[aria-label="Find a ready-made question"]');
const press = (key: string) =>
  document.activeElement?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));

describe('the library', () => {
  it('shows its themes folded, each with how many questions it holds; the empty frames are open', () => {
    expect(openTitles()).toEqual(questions.filter(({ theme }) => theme === 'frames').map(({ title }) => title));
    expect(page.text()).toContain('Sprouting');
    expect(page.findAll('details')).toHaveLength(8);
    expect(page.findAll('summary').map((own) => own.text())).toContain(
      `Sprouting${questions.filter(({ theme }) => theme === 'sprouting').length} questions`,
    );
  });

  it('opens what is looked for, under any of its names, and tells where nothing fits', async () => {
    await find().setValue('gray water');
    expect(openTitles()).toEqual(['Does it matter which water plants get?']);
    expect(page.find('textarea').exists()).toBe(false);
    await find().setValue('xylophone');
    expect(page.text()).toContain('Nothing ready-made fits “xylophone”.');
    await page.find('button.link').trigger('click');
    expect(find().element).toHaveProperty('value', '');
    expect(page.findAll('details')).toHaveLength(8);
  });

  it('leaves out what asks for more than there is', async () => {
    await itemAt(page.findAll('input[type="checkbox"]'), 1).setValue(true);
    expect(openTitles()).toContain('What does a seed need to come up and grow?');
    expect(openTitles()).not.toContain('Does X change height?');
    const weeks = page.find('input[aria-label="Weeks that I have"]');
    await weeks.setValue('1');
    await weeks.trigger('blur');
    expect(openTitles()).toEqual(['How does a root know which way is down?', 'Which mix holds water?']);
  });

  it('says on each card what it takes', () => {
    expect(page.text()).toMatch(/1 week · \d+ min a walk · 2 groups, 12 dishes · decided by normal sprouts · from age 8 · needs a lamp/);
  });

  it('is gone through with the arrow keys from the field, which keep to themselves elsewhere', async () => {
    (find().element as HTMLElement).focus();
    press('ArrowDown');
    expect(document.activeElement?.getAttribute('aria-label')).toBe('Use this question: Does X change sprouting?');
    press('ArrowDown');
    expect(document.activeElement?.getAttribute('aria-label')).toBe('Use this question: Does X change height?');
    press('ArrowUp');
    press('ArrowUp');
    expect(document.activeElement).toBe(find().element);
    const claim = page.find('textarea').element;
    claim.focus();
    expect(press('ArrowDown')).toBe(true);
    expect(document.activeElement).toBe(claim);
  });
});
