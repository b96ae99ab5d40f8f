import { beforeEach, describe, expect, it } from 'vitest';
import { blankOf, measureFields, rubrics, type Measure } from '@fern/core';
import { eventually } from '../testing';
import { page, posted, round, where, press, choose, leave } from './record.fixture';

beforeEach(leave);

describe('a rating', () => {
  const looks: Measure = {
    ...blankOf(measureFields),
    code: 'looks',
    name: 'Looks',
    kind: 'rating',
    primary: true,
    rubric: rubrics.leafColour,
    readingDays: [3],
  };

  it('a digit chooses, Enter goes on, each handled once', async () => {
    await round([], [looks]);
    await press('4');
    expect(where()).toBe('D01');
    expect(choose(3).classes()).toContain('on');
    await press('Enter');
    expect(where()).toBe('D02');
    await eventually(() => expect(posted().map(({ unit, value }) => [unit, value])).toEqual([['D01', 4]]));
  });

  it('a digit chooses wherever the focus is', async () => {
    await round([], [looks]);
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: '4', bubbles: true }));
    await page.vm.$nextTick();
    expect(choose(3).classes()).toContain('on');
  });

  it('Enter without a choice says so; n, x, w and u are keys here too', async () => {
    await round([], [looks]);
    await press('Enter');
    expect(page.find('[role="alert"]').text()).toMatch(/Nothing typed/);
    await press('n');
    expect(page.find('[data-note]').exists()).toBe(true);
    await press('5');
    await press('Enter');
    await press('u');
    expect(where()).toBe('D01');
  });

  it('a focused choice is left to the browser: Enter on it is a click on it, once', async () => {
    await round([], [looks]);
    await choose(1).trigger('keydown', { key: 'Enter' });
    expect(where()).toBe('D01');
    await choose(1).trigger('click');
    expect(where()).toBe('D02');
  });
});
