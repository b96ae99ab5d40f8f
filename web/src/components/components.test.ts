import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { eventually } from '../testing';
import ChoiceField from './ChoiceField.vue';
import ConfirmDialog from './ConfirmDialog.vue';
import DataTable from './DataTable.vue';
import DateField from './DateField.vue';
import LinesField from './LinesField.vue';
import NumberField from './NumberField.vue';
import ProblemNote from './ProblemNote.vue';
import QuantityField from './QuantityField.vue';
import TextField from './TextField.vue';

describe('a number', () => {
  const field = (more: object = {}) => mount(NumberField, { props: { value: 4, label: 'Units', ...more } });
  const type = async (wrapper: ReturnType<typeof field>, text: string) => {
    await wrapper.find('input').setValue(text);
    await wrapper.find('input').trigger('change');
  };

  it.each([
    ['12', 12],
    ['12,5', 12.5],
    [' .5 ', 0.5],
    ['−3', -3],
  ])('“%s” is passed on as %d', async (text, value) => {
    const wrapper = field();
    await type(wrapper, text);
    expect(wrapper.emitted('change')?.at(-1)).toEqual([value]);
    expect(wrapper.find('[role="alert"]').exists()).toBe(false);
  });

  it.each(['2', '12'])('the least and the most are still in bounds: %s', async (text) => {
    const wrapper = field({ min: 2, max: 12 });
    await type(wrapper, text);
    expect(wrapper.emitted('change')?.at(-1)).toEqual([Number(text)]);
  });

  it.each<[string, object, RegExp]>([
    ['many', {}, /“many” is not a number/],
    ['1e3', {}, /is not a number/],
    ['2.5', { whole: true }, /whole number/],
    ['1', { min: 2 }, /too few: use 2 or more/],
    ['99', { max: 12, why: 'Twelve is the most.' }, /too many: use 12 or fewer. Twelve is the most/],
    ['', {}, /is not a number/],
  ])('“%s” is refused in words, and nothing is changed', async (text, more, words) => {
    const wrapper = field(more);
    await type(wrapper, text);
    expect(wrapper.find('[role="alert"]').text()).toMatch(words);
    expect(wrapper.emitted('change')).toBeUndefined();
  });

  it('may be left empty where that means something', async () => {
    const wrapper = field({ optional: true });
    await type(wrapper, '');
    expect(wrapper.emitted('change')?.at(-1)).toEqual([null]);
  });

  it('a new value from outside takes the place of what was wrong', async () => {
    const wrapper = field();
    await type(wrapper, 'many');
    await wrapper.setProps({ value: 8 });
    expect(wrapper.find('input').element.value).toBe('8');
    expect(wrapper.find('[role="alert"]').exists()).toBe(false);
  });
});

describe('other fields', () => {
  it('text passes on each change, and is named for those who cannot see it', async () => {
    const wrapper = mount(TextField, { props: { value: 'pot', label: 'What one unit is called', maxlength: 40 } });
    await wrapper.find('input').setValue('dish');
    expect(wrapper.emitted('change')?.at(-1)).toEqual(['dish']);
    expect(wrapper.find('input').attributes()).toMatchObject({ 'aria-label': 'What one unit is called', maxlength: '40' });
  });

  it('lines are one item each', async () => {
    const wrapper = mount(LinesField, { props: { value: ['pots', 'mix'], label: 'Kit' } });
    expect(wrapper.find('textarea').element.value).toBe('pots\nmix');
    await wrapper.find('textarea').setValue('pots\nmix\nlabels');
    expect(wrapper.emitted('change')?.at(-1)).toEqual([['pots', 'mix', 'labels']]);
  });

  it('a choice shows what is chosen and passes on another', async () => {
    const options = [
      { value: 'a', label: 'first' },
      { value: 'b', label: 'second' },
    ];
    const wrapper = mount(ChoiceField, { props: { value: 'a', options, label: 'Which' } });
    expect(wrapper.find('select').element.value).toBe('a');
    await wrapper.find('select').setValue('b');
    expect(wrapper.emitted('change')).toEqual([['b']]);
  });

  it('a date that is none is said beside it', async () => {
    const wrapper = mount(DateField, { props: { value: '', label: 'Day 0', error: 'Choose the day of sowing.' } });
    expect(wrapper.find('[role="alert"]').text()).toBe('Choose the day of sowing.');
    await wrapper.setProps({ value: '2026-04-14' });
    expect(wrapper.find('[role="alert"]').exists()).toBe(false);
    await wrapper.find('input').setValue('2026-04-15');
    expect(wrapper.emitted('change')?.at(-1)).toEqual(['2026-04-15']);
  });

  it('a quantity has its unit beside it', async () => {
    const wrapper = mount(QuantityField, { props: { value: 5, label: 'Difference', unit: 'points', before: 'matters from', min: 0 } });
    expect(wrapper.text()).toBe('matters frompoints');
    await wrapper.find('input').setValue('7,5');
    await wrapper.find('input').trigger('change');
    expect(wrapper.emitted('change')?.at(-1)).toEqual([7.5]);
  });

  it('a problem is read aloud at once, and stands only while there is one', async () => {
    const wrapper = mount(ProblemNote, { props: { words: 'No group is the control.' } });
    expect(wrapper.find('[role="alert"]').text()).toBe('No group is the control.');
    await wrapper.setProps({ words: null });
    expect(wrapper.find('[role="alert"]').exists()).toBe(false);
  });

  it('a table has its caption, its head, and numbers on the right from the column named', () => {
    const wrapper = mount(DataTable, { props: { caption: 'Heights', head: ['Arm', 'Mean'], rows: [['C', '4.1']], numbersFrom: 1 } });
    expect(wrapper.find('caption').text()).toBe('Heights');
    expect(wrapper.findAll('th').map((cell) => cell.classes().includes('n'))).toEqual([false, true]);
    expect(wrapper.findAll('td').map((cell) => cell.text())).toEqual(['C', '4.1']);
    expect(wrapper.find('[role="region"]').attributes('aria-label')).toBe('Heights');
  });

  it('a large table comes in slices, and is whole in the end', async () => {
    const rows = Array.from({ length: 100 }, (_, i) => Array.from({ length: 200 }, () => String(i)));
    const wrapper = mount(DataTable, { props: { caption: 'All', head: [], rows } });
    expect(wrapper.findAll('tbody tr')).toHaveLength(2);
    await eventually(() => expect(wrapper.findAll('tbody tr')).toHaveLength(100));
    await wrapper.setProps({ rows: rows.slice(0, 5) });
    expect(wrapper.findAll('tbody tr')).toHaveLength(5);
  });

  it('a dialog asks, says what is wrong, and holds buttons that say what happens', () => {
    const wrapper = mount(ConfirmDialog, {
      props: { open: true, title: 'Delete this experiment?', error: 'No network.' },
      slots: { default: 'It will be gone.', buttons: '<button>Delete it</button>' },
      attachTo: document.body,
    });
    const text = document.body.textContent ?? '';
    for (const words of ['Delete this experiment?', 'It will be gone.', 'No network.', 'Delete it']) expect(text).toContain(words);
    wrapper.unmount();
  });
});

describe('a field in which someone is', () => {
  it('keeps its number: another’s does not come under the next key, stands beside it, and is there when the field is left', async () => {
    const field = mount(NumberField, { props: { value: 1, label: 'Field' } });
    const input = field.find<HTMLInputElement>('input');
    await input.trigger('focus');
    await field.setProps({ value: 5 });
    expect([input.element.value, field.text()]).toEqual(['1', expect.stringContaining('5 elsewhere meanwhile')]);
    await input.setValue('12');
    expect(field.emitted('change')?.at(-1)).toEqual([12]);
    await input.trigger('blur');
    expect([input.element.value, field.text()]).toEqual(['5', '']);
  });

  it('is not told of its own number, however it was written', async () => {
    const field = mount(NumberField, { props: { value: 1, label: 'Field' } });
    await field.find('input').trigger('focus');
    await field.find('input').setValue('12,50');
    await field.setProps({ value: 12.5 });
    expect([field.find('input').element.value, field.text()]).toEqual(['12,50', '']);
  });

  it('passes nothing on where nothing was typed', async () => {
    const wrapper = mount(TextField, { props: { value: 'mine', label: 'Field', lazy: true } });
    await wrapper.find('input').trigger('focus');
    await wrapper.setProps({ value: 'theirs' });
    await wrapper.find('input').trigger('blur');
    expect(wrapper.emitted('change')).toBeUndefined();
  });
});
