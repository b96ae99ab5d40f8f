import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { hazards, type Hazard } from '@fern/core';
import HazardsField from './HazardsField.vue';

const field = (value: readonly Hazard[] | null, also: readonly Hazard[] = []) =>
  mount(HazardsField, { props: { value, also, label: 'What can hurt someone' } });
const summary = (value: readonly Hazard[] | null, also: readonly Hazard[] = []) => field(value, also).get('summary').text();

describe('what can hurt someone', () => {
  it('is told with what the step brings with it, and tells nothing said from nothing there', () => {
    expect(summary(null)).toBe('What can hurt someone: not said yet');
    expect(summary([])).toBe('What can hurt someone: nothing');
    expect(summary([], ['heat'])).toBe(`What can hurt someone: ${hazards.heat.label}`);
    expect(summary(null, ['heat'])).toContain('what else is not said yet');
  });

  it('is ticked and taken back, and nothing takes all of it back', async () => {
    const page = field(['blade']);
    const box = (label: string) =>
      page
        .findAll('label')
        .find((own) => own.text() === label)
        ?.get('input');
    await box(hazards.dust.label)?.setValue(true);
    await box(hazards.blade.label)?.setValue(false);
    await box('nothing')?.setValue(true);
    expect(page.emitted('change')).toEqual([[['blade', 'dust']], [[]], [[]]]);
  });

  it('can only be read where the plan is locked', () => {
    const page = mount(HazardsField, { props: { value: ['salt'], label: 'What can hurt someone', disabled: true } });
    expect(page.text()).toBe('What can hurt someone: salt');
    expect(page.find('input').exists()).toBe(false);
  });
});
