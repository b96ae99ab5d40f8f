import { beforeEach, describe, expect, it } from 'vitest';
import { addDays, dateAndYear, type Observation } from '@fern/core';
import { today } from '../stores/today';
import { eventually, startedStudy } from '../testing';
import { page, reading, posted, recordThrough, openRound, where, field, typeReading, choose, leave } from './record.fixture';

beforeEach(leave);

describe('a walk that is taken up after its day', () => {
  const started = addDays(today(), -10);
  const planned = addDays(started, 3);
  const late = async (observations: readonly Observation[] = []) => {
    const study = startedStudy(observations);
    const { plan } = study.experiment;
    await recordThrough({ ...study, experiment: { ...study.experiment, startedOn: started, plan: { ...plan, lockedOn: started } } });
  };
  const buttons = () => page.findAll('button');
  const answer = async (words: RegExp) => {
    await buttons()
      .find((button) => words.test(button.text()))
      ?.trigger('click');
    await page.vm.$nextTick();
  };

  it('asks once when it was read, and puts the readings on that day and on that walk', async () => {
    await late();
    expect(page.find('h1').text()).toBe('When were these read?');
    await answer(/as planned/);
    await typeReading('12');
    await choose(1).trigger('click');
    expect(where()).toBe('D02');
    await eventually(() => expect(posted()).toHaveLength(2));
    expect(posted().map(({ observedOn, plannedDay }) => [observedOn, plannedDay])).toEqual([
      [planned, 3],
      [planned, 3],
    ]);
    page.unmount();
    await openRound();
    expect(page.find('h1').text()).toContain('How many');
    expect(page.find('.where').text()).toContain('read on');
  });

  it('read today it is late, and of its own walk all the same', async () => {
    await late();
    await answer(/^Today/);
    await typeReading('12');
    await eventually(() => expect(posted()[0]).toMatchObject({ observedOn: today(), plannedDay: 3 }));
  });

  it('read on a day between it stands there; a day before the start is named as such, and none after today can be', async () => {
    await late();
    const other = page.find('input[type="date"]');
    await other.setValue(addDays(started, -1));
    expect(page.text()).toContain(`is before the start on ${dateAndYear(started)}.`);
    await other.setValue(addDays(today(), 1));
    expect(page.find('[role="alert"]').text()).toContain('is still to come');
    await other.setValue(addDays(started, 5));
    await answer(/Read on this day/);
    await typeReading('12');
    await eventually(() => expect(posted()[0]).toMatchObject({ observedOn: addDays(started, 5), plannedDay: 3 }));
  });

  it('a correction keeps its day and its walk, asks nothing, and leaves the later walk as it was', async () => {
    await late([
      reading({ id: 'd4', observedOn: planned, plannedDay: 3, value: 4 }),
      reading({ id: 'later', observedOn: addDays(started, 8), plannedDay: 7, value: 20 }),
    ]);
    await answer(/as planned/);
    await page.find('[data-unit="D01"]').trigger('click');
    expect(field().element.value).toBe('4');
    await typeReading('6');
    await eventually(() => expect(posted()[0]).toMatchObject({ value: 6, observedOn: planned, plannedDay: 3, replaces: 'd4' }));
  });
});
