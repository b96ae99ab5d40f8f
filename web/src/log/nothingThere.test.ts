import { beforeEach, describe, expect, it } from 'vitest';
import { blankOf, measureFields, type Measure } from '@fern/core';
import { eventually } from '../testing';
import { page, reading, posted, round, where, field, press, typeReading, leave } from './record.fixture';

beforeEach(leave);

describe('where there is nothing to read', () => {
  const height: Measure = { ...blankOf(measureFields), code: 'height', name: 'Height', unit: 'cm', primary: true, readingDays: [3] };

  it('one key says so, and no 0 is forced on an empty pot', async () => {
    await round([], [height]);
    await press('o');
    expect(where()).toBe('D02');
    await press('s');
    expect(where()).toBe('D03');
    await eventually(() =>
      expect(posted().map(({ value, absent }) => [value, absent])).toEqual([
        [null, 'nothing-there'],
        [null, 'not-read'],
      ]),
    );
  });

  it('it is shown as such, and a number that comes after all takes its place', async () => {
    await round([reading({ id: 'none', measure: 'height', plannedDay: 3, value: null, absent: 'not-read' })], [height]);
    await page.find('[data-unit="D01"]').trigger('click');
    expect(field().element.value).toBe('');
    expect(page.text()).toContain('D01 has not read from');
    await typeReading('12');
    await eventually(() => expect(posted()[0]).toMatchObject({ value: 12, absent: null, replaces: 'none' }));
  });
});
