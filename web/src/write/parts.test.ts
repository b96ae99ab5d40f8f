import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { emptyWriting, type Hint, itemAt, tupleOf } from '@fern/core';
import { eventually, startedStudy } from '../testing';
import FactPicker from './FactPicker.vue';
import FrontFields from './FrontFields.vue';
import OwnEditor from './OwnEditor.vue';
import PartBeside from './PartBeside.vue';
import { fileName } from './useReportFile';

const facts = [
  { fact: 'height.C.mean', label: 'Height, plain water: mean', text: '10 cm' },
  { fact: 'height.T.mean', label: 'Height, tea: mean', text: '15 cm' },
  { fact: 'height.T-C.p', label: 'Height, tea against plain water: p', text: 'p = 0.008' },
];

describe('the facts to choose from', () => {
  it('are found by any of their words, chosen by arrows and Enter, and left by Escape', async () => {
    const picker = mount(FactPicker, { props: { facts }, attachTo: document.body });
    const field = picker.get('input');
    expect(document.activeElement).toBe(field.element);
    await field.setValue('tea');
    expect(picker.findAll('[role="option"]').map((option) => option.get('b').text())).toEqual(['15 cm', 'p = 0.008']);
    await field.trigger('keydown', { key: 'ArrowDown' });
    expect(picker.get('[aria-selected="true"]').text()).toContain('p = 0.008');
    await field.trigger('keydown', { key: 'Enter' });
    expect(picker.emitted('put')).toEqual([['height.T-C.p']]);
    await field.setValue('nettles');
    expect(picker.text()).toContain('Nothing of that name.');
    await field.trigger('keydown', { key: 'Enter' });
    expect(picker.emitted('put')).toHaveLength(1);
    await field.trigger('keydown', { key: 'Escape' });
    expect(picker.emitted('leave')).toHaveLength(1);
    picker.unmount();
  });

  it('are on their way until the result is there, and Enter takes nothing meanwhile', async () => {
    const picker = mount(FactPicker, { props: { facts: [] as typeof facts }, attachTo: document.body });
    await picker.get('input').setValue('tea');
    await picker.get('input').trigger('keydown', { key: 'Enter' });
    expect(picker.get('[role="option"]').text()).toBe('The numbers are on their way …');
    expect(picker.emitted('put')).toBeUndefined();
    await picker.setProps({ facts });
    await picker.get('input').trigger('keydown', { key: 'Enter' });
    expect(picker.emitted('put')).toEqual([['height.T.mean']]);
    picker.unmount();
  });
});

describe('the editor of a part', () => {
  const check = (text: string): readonly Hint[] => {
    const at = text.indexOf('38');
    return at < 0 ? [] : [{ from: at, to: at + 2, says: 'the data say 58' }];
  };
  const editor = (text: string) =>
    mount(OwnEditor, { props: { text, label: 'Discussion, in your own words', ask: 'Why?', facts, check }, attachTo: document.body });

  it('shows facts as they are now, and what is to be looked at again with its reason', async () => {
    const page = editor('Tea: {=height.T.mean}, and 38 more.');
    await eventually(() => expect(page.find('.hint').exists()).toBe(true));
    expect(page.get('[role="textbox"]').text()).toBe('Tea: 15 cm, and 38 more.');
    expect(page.get('.hints').text()).toBe('the data say 58');
    await page.setProps({ facts: [{ ...itemAt(facts, 1), text: '16 cm' }] });
    await eventually(() => expect(page.get('.fact').text()).toBe('16 cm'));
    page.unmount();
  });

  it('keeps the place of a fact while the numbers are on their way, and calls gone only what the data no longer have', async () => {
    const page = editor('Tea: {=height.T.mean}, {=old.mean}.');
    await page.setProps({ facts: [] });
    await eventually(() => expect(page.findAll('.fact').map((fact) => fact.text())).toEqual(['…', '…']));
    await page.setProps({ facts });
    await eventually(() => expect(page.findAll('.fact').map((fact) => fact.text())).toEqual(['15 cm', '(no longer in the data)']));
    expect(page.emitted('write')).toBeUndefined();
    page.unmount();
  });

  it('takes over what came from elsewhere, and puts a chosen fact into the words', async () => {
    const page = editor('First.');
    await page.setProps({ text: 'From another tab.' });
    expect(page.get('[role="textbox"]').text()).toBe('From another tab.');
    await page.get('.tools button').trigger('click');
    await page.get('[role="combobox"]').setValue('plain water: mean');
    await page.get('[role="combobox"]').trigger('keydown', { key: 'Enter' });
    expect(page.emitted('write')?.at(-1)?.[0]).toContain('{=height.C.mean}');
    page.unmount();
  });

  it('has the focus again at once, so that the next digit is written and opens no step', async () => {
    const page = editor('First.');
    const words = page.get('[role="textbox"]').element;
    for (const key of ['Enter', 'Escape']) {
      await page.get('.tools button').trigger('click');
      await page.get('[role="combobox"]').setValue('plain water: mean');
      void page.get('[role="combobox"]').trigger('keydown', { key });
      expect(document.activeElement).toBe(words);
      await page.vm.$nextTick();
    }
    page.unmount();
  });
});

describe('beside a part', () => {
  const props = { part: 'discussion' as const, writing: emptyWriting, study: startedStudy(), pictures: new Map() };

  it('a reason and a source are kept for that part alone', async () => {
    const page = mount(PartBeside, { props });
    const [reason, source] = tupleOf(page.findAll('textarea'), 2);
    await reason.setValue('salt holds water');
    await source.setValue('our garden book');
    const said = (page.emitted('change') as [Partial<typeof emptyWriting>][]).map(([more]) => more);
    expect(said.find(({ reasons }) => reasons)?.reasons).toEqual({ ...emptyWriting.reasons, discussion: 'salt holds water' });
    expect(said.find(({ sources }) => sources)?.sources).toEqual({ ...emptyWriting.sources, discussion: 'our garden book' });
  });

  it('a picture that is no longer there says so, and can be taken out', async () => {
    const writing = { ...emptyWriting, figures: [{ part: 'discussion' as const, figure: 'gone.dots' }] };
    const page = mount(PartBeside, { props: { ...props, writing } });
    expect(page.text()).toContain('No longer there');
    await page.get('li button').trigger('click');
    expect(page.emitted('change')).toEqual([[{ figures: [] }]]);
  });
});

it('title, names and day are the writer’s', async () => {
  const page = mount(FrontFields, { props: { title: 'Salt', writing: emptyWriting } });
  await page.get('input[aria-label="Names of who wrote it"]').setValue('Moss');
  await page.get('button').trigger('click');
  const said = page.emitted('change')?.flatMap(([more]) => Object.keys(more as object));
  expect([...new Set(said)]).toEqual(['names', 'date']);
});

it('files are named after the title, whatever its letters', () => {
  expect([fileName('Salt & radish: day 4?'), fileName('Грибы'), fileName('…')]).toEqual(['Salt-radish-day-4', 'Грибы', 'report']);
});
