import { beforeEach, describe, expect, it } from 'vitest';
import { addDays, blankOf, measureFields, type Measure, type Observation, itemAt } from '@fern/core';
import { today } from '../stores/today';
import { eventually, startedStudy } from '../testing';
import { reading, posted, recordThrough, where, field, press, typeReading, leave } from './record.fixture';

beforeEach(leave);

describe('an extra walk', () => {
  const crop: Measure = {
    ...blankOf(measureFields),
    code: 'crop',
    name: 'Fruit',
    kind: 'harvest',
    unit: 'g',
    when: 'total',
    primary: true,
    readingDays: [3],
  };
  const visit = async (observations: readonly Observation[] = []) => {
    await recordThrough(startedStudy(observations, { measures: [crop] }), 'extra', `/walk/x/extra?measure=crop&on=${addDays(today(), -1)}`);
  };

  it('adds a picking on its own day and leaves the others as they are; an empty one is passed by', async () => {
    await visit([reading({ id: 'first', measure: 'crop', value: 30, plannedDay: 3, observedOn: addDays(today(), -1) })]);
    expect(field().element.value).toBe('');
    await typeReading('20');
    expect(where()).toBe('D02');
    await press('Enter');
    expect(where()).toBe('D03');
    await eventually(() => expect(posted()).toHaveLength(1));
    expect(posted()[0]).toMatchObject({ unit: 'D01', value: 20, observedOn: addDays(today(), -1), plannedDay: null, replaces: null });
  });

  it('can be mended while it lasts', async () => {
    await visit();
    await typeReading('20');
    await press('u');
    expect(field().element.value).toBe('20');
    await typeReading('21');
    await eventually(() => expect(posted()[1]).toMatchObject({ value: 21, replaces: itemAt(posted(), 0).id }));
  });
});
