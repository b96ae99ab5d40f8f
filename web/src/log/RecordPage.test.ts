import { beforeEach, describe, expect, it } from 'vitest';
import { addDays, blankOf, measureFields, type Measure, itemAt } from '@fern/core';
import { useLog } from '../stores/log';
import { useOutbox } from '../stores/outbox';
import { today } from '../stores/today';
import { eventually, startedStudy } from '../testing';
import { server, page, reading, posted, recordThrough, round, where, field, press, typeReading, choose, leave } from './record.fixture';

beforeEach(leave);

describe('a walk', () => {
  it('goes unit after unit in bench order, each unit’s measures together', async () => {
    await round();
    expect(where()).toBe('D01');
    expect(page.find('h1').text()).toBe('How many: normal sprouts?');
    await typeReading('12');
    expect(where()).toBe('D01');
    expect(page.find('h1').text()).toContain('Has it happened');
    await choose(1).trigger('click');
    expect(where()).toBe('D02');
    await eventually(() => expect(posted()).toHaveLength(2));
    expect(posted()[0]).toMatchObject({
      unit: 'D01',
      measure: 'sprouts',
      value: 12,
      observer: 'M. Bracken',
      source: 'hand',
      observedOn: today(),
      replaces: null,
    });
  });

  it('the water of a tank is asked for once, under the tank’s name, and none is said in the measure’s own words', async () => {
    const study = startedStudy();
    const water = {
      ...blankOf(measureFields),
      code: 'water',
      name: 'Water',
      unit: '°C',
      by: 'container' as const,
      none: 'tank is empty',
    };
    const units = study.experiment.units.map((unit, i) => ({ ...unit, container: i < 4 ? 'tank 1' : 'tank 2' }));
    const measures = [{ ...water, primary: true, readingDays: [3] }];
    await recordThrough({ ...study, experiment: { ...study.experiment, units, measures } });
    expect(where()).toBe('tank 1');
    expect(page.text()).toContain('1 of 2');
    await typeReading('21.5');
    expect(where()).toBe('tank 2');
    await page
      .findAll('button')
      .find((own) => own.text().startsWith('Tank is empty'))
      ?.trigger('click');
    await eventually(() => expect(posted()).toHaveLength(2));
    expect(posted().map(({ unit, value, absent }) => [unit, value, absent])).toEqual([
      [itemAt(units, 0).code, 21.5, null],
      [itemAt(units, 4).code, null, 'nothing-there'],
    ]);
  });

  it('a count by category is one stop: the sum closes on what was sown, and the rest is one touch', async () => {
    const sprouts = itemAt(startedStudy().experiment.measures, 0);
    await round([], [{ ...sprouts, categories: ['normal', 'mouldy', 'not-yet'], category: 'normal' }]);
    const number = (name: string) => page.find<HTMLInputElement>(`input[aria-label="${name}"]`);
    await number('normal').setValue('20');
    await number('normal').trigger('keydown', { key: 'Enter' });
    await number('mouldy').setValue('2');
    await page.find('.next').trigger('click');
    expect(page.text()).toContain('20 normal and 2 mouldy make 22, and 25 were sown in D01: 3 not told of.');
    expect(where()).toBe('D01');
    await number('normal').setValue('24');
    await page.find('.next').trigger('click');
    expect(page.text()).toContain('24 normal and 2 mouldy make 26, and 25 were sown in D01: 1 too many.');
    await number('normal').setValue('20');
    await itemAt(page.findAll('.rest'), 2).trigger('click');
    expect(page.text()).toContain('All 25 are told of.');
    await page.find('.next').trigger('click');
    expect(where()).toBe('D02');
    await eventually(() => expect(posted()).toHaveLength(3));
    expect(posted().map(({ unit, category, value, plannedDay }) => [unit, category, value, plannedDay])).toEqual([
      ['D01', 'normal', 20, 3],
      ['D01', 'mouldy', 2, 3],
      ['D01', 'not-yet', 3, 3],
    ]);
    await page.find('[data-unit="D01"]').trigger('click');
    expect(number('normal').element.value).toBe('20');
    await number('normal').setValue('19');
    await number('mouldy').setValue('3');
    await page.find('.next').trigger('click');
    await eventually(() => expect(posted()).toHaveLength(5));
    expect(
      posted()
        .slice(3)
        .map(({ category, value, replaces }) => [category, value, replaces]),
    ).toEqual([
      ['normal', 19, itemAt(posted(), 0).id],
      ['mouldy', 3, itemAt(posted(), 1).id],
    ]);
  });

  it('a count by category that someone else makes meanwhile is neither shown in the fields nor corrected', async () => {
    const sprouts = itemAt(startedStudy().experiment.measures, 0);
    await round([], [{ ...sprouts, categories: ['normal', 'mouldy'], category: 'normal' }]);
    const number = (name: string) => page.find<HTMLInputElement>(`input[aria-label="${name}"]`);
    await number('normal').setValue('20');
    useLog().receive([{ kind: 'reading', content: reading({ id: 'theirs', category: 'mouldy', plannedDay: 3, value: 7 }) }]);
    await page.vm.$nextTick();
    expect([number('normal').element.value, number('mouldy').element.value]).toEqual(['20', '']);
    await number('mouldy').setValue('5');
    await page.find('.next').trigger('click');
    await eventually(() => expect(posted()).toHaveLength(2));
    expect(posted().map(({ category, value, replaces }) => [category, value, replaces])).toEqual([
      ['normal', 20, null],
      ['mouldy', 5, null],
    ]);
  });

  it('an undo takes back one’s own reading, never one that someone else put there since', async () => {
    await round([reading({ plannedDay: 3 })]);
    await page.find('[data-unit="D01"]').trigger('click');
    await typeReading('12');
    await eventually(() => expect(posted()).toHaveLength(1));
    const theirs = reading({ id: 'theirs', plannedDay: 3, value: 9, replaces: itemAt(posted(), 0).id, observer: 'Moss' });
    useLog().receive([{ kind: 'reading', content: theirs }]);
    await page.vm.$nextTick();
    await press('u');
    expect(page.text()).toContain('D01 has been put right by someone else meanwhile.');
    expect(posted()).toHaveLength(1);
  });

  it('goes in a fresh random order where that is asked for, and shows the last number only once one is typed', async () => {
    const before = reading({ observedOn: addDays(today(), -2), plannedDay: null, value: 4 });
    await round([before]);
    expect(page.text()).not.toContain('Last time: 4');
    await field().setValue('6');
    expect(page.text()).toContain('Last time: 4');
    const click = (words: string) =>
      page
        .findAll('button')
        .find((own) => own.text() === words)
        ?.trigger('click');
    const seen = new Set<string>();
    for (let i = 0; i < 8; i++) {
      await click('Go in a random order');
      seen.add(where());
      await click('Go along the bench');
      expect(where()).toBe('D01');
    }
    expect(seen.size).toBeGreaterThan(1);
  });

  it('plants of a unit are measured one by one: Enter is the next plant, m says that there are no more', async () => {
    const height: Measure = {
      ...blankOf(measureFields),
      code: 'height',
      name: 'Height',
      unit: 'cm',
      primary: true,
      readingDays: [3],
      by: 'plant',
    };
    await round([], [height]);
    expect(page.text()).toContain('plant 1');
    for (const value of ['12', '14']) await typeReading(value);
    expect(page.text()).toContain('plant 3');
    expect(where()).toBe('D01');
    await press('m');
    expect(where()).toBe('D02');
    await eventually(() =>
      expect(posted().map(({ unit, plant, value }) => [unit, plant, value])).toEqual([
        ['D01', '1', 12],
        ['D01', '2', 14],
      ]),
    );
    page.unmount();
    await round([reading({ measure: 'height', plant: '2', plannedDay: 3, value: 9 })], [height]);
    expect(where()).toBe('D02');
  });

  it('nine where ten were meant is put right on the spot, with its day', async () => {
    await round();
    server.answer = ({ body }) => ({ status: 200, body: { ...body, id: 'x', version: 2, experiment: startedStudy().experiment } });
    await typeReading('27');
    expect(page.text()).toContain('27 is more than the 25 sown in D01.');
    [...document.querySelectorAll('button')].find((own) => own.textContent?.trim().startsWith('Correct the number sown'))?.click();
    const number = await eventually(() => {
      const found = document.querySelector<HTMLInputElement>('[aria-label="seeds in D01"]');
      if (!found) throw new Error('nothing is asked');
      return found;
    });
    number.value = '28';
    number.dispatchEvent(new Event('input'));
    await page.vm.$nextTick();
    [...document.querySelectorAll('button')].find((own) => own.textContent?.trim() === 'Put it right')?.click();
    await eventually(() => expect(server.calls.at(-1)).toMatchObject({ method: 'PATCH', path: '/experiments/x/units/D01/sown' }));
    expect(server.calls.at(-1)?.body).toEqual({ sown: 28, on: today() });
  });

  it('what somebody else reads meanwhile stands beside the field, never in it, and is not corrected by a hand that saw nothing', async () => {
    await round();
    useLog().receive([{ kind: 'reading', content: reading({ id: 'theirs', plannedDay: 3, value: 9, observer: 'Moss' }) }]);
    await page.vm.$nextTick();
    expect([field().element.value, page.text()]).toEqual(['', expect.stringContaining('Moss has just read D01: 9.')]);
    await press('Enter');
    expect(posted()).toEqual([]);
    await choose(0).trigger('click');
    expect(where()).toBe('D02');
    await field().setValue('5');
    useLog().receive([{ kind: 'reading', content: reading({ id: 'second', unit: 'D02', plannedDay: 3, value: 6 }) }]);
    await page.vm.$nextTick();
    await press('Enter');
    await eventually(() => expect(posted().at(-1)).toMatchObject({ unit: 'D02', value: 5, replaces: null }));
  });

  it('begins where the last one left off', async () => {
    await round([reading({ plannedDay: 3 })]);
    expect(page.find('h1').text()).toContain('Has it happened');
  });

  it.each([
    ['', /Nothing typed/],
    ['x', /not a number/],
    ['26', /more than the 25 sown/],
    ['1.5', /whole number/],
  ])('says what is wrong with “%s”, and stays', async (typed, words) => {
    await round();
    await typeReading(typed);
    expect(page.find('[role="alert"]').text()).toMatch(words);
    expect(where()).toBe('D01');
    expect(useOutbox().count).toBe(0);
  });

  it('asks about a total that falls, and takes it when it is meant', async () => {
    await round([reading({ observedOn: addDays(today(), -1), value: 20 })]);
    await typeReading('12');
    expect(page.find('.last').text()).toContain('20');
    expect(page.find('.asked').text()).toContain('went from 20');
    expect(posted()).toEqual([]);
    await page.find('.asked .link').trigger('click');
    await eventually(() => expect(itemAt(posted(), 0).value).toBe(12));
  });

  it('asks about a slip of ten: a decimal point in the wrong place', async () => {
    const height: Measure = { ...blankOf(measureFields), code: 'height', name: 'Height', unit: 'cm', primary: true, readingDays: [3] };
    await round([], [height]);
    for (const value of ['11', '12', '13']) await typeReading(value);
    await typeReading('125');
    expect(page.find('.asked').text()).toContain('about ten times more than the others (12 cm)');
    expect(where()).toBe('D04');
    await page.find('.asked button').trigger('click');
    expect(field().element.value).toBe('');
    await typeReading('12.5');
    expect(where()).toBe('D05');
  });

  it('corrects by a new reading that names the old one', async () => {
    await round();
    await typeReading('12');
    await page.find('.undo').trigger('click');
    expect(field().element.value).toBe('12');
    expect(page.text()).toContain('D01 has 12. It stands until you type another number.');
    await typeReading('13');
    await eventually(() => expect(posted()[1]).toMatchObject({ value: 13, replaces: itemAt(posted(), 0).id }));
  });

  it('undo after a correction puts the old number back', async () => {
    await round([
      reading({ id: 'first', plannedDay: 3, value: 10 }),
      reading({ id: 'f', plannedDay: 3, measure: 'first-sprout', value: 1 }),
    ]);
    await page.find('[data-unit="D01"]').trigger('click');
    await typeReading('14');
    await press('u');
    await eventually(() => expect(posted()).toHaveLength(2));
    expect(posted()[1]).toMatchObject({ value: 10, replaces: itemAt(posted(), 0).id });
    expect(page.text()).toContain('D01 has 10 again.');
  });

  it('the same number again is not stored twice, a note to it is', async () => {
    await round();
    await typeReading('12');
    await press('Backspace');
    await press('Enter');
    expect(useOutbox().count + posted().length).toBe(1);
    await press('Backspace');
    await press('n');
    await page.find('[data-note]').setValue('one is mouldy');
    await page.find('[data-note]').trigger('keydown', { key: 'Enter' });
    await eventually(() => expect(posted()[1]).toMatchObject({ note: 'one is mouldy', replaces: itemAt(posted(), 0).id }));
  });

  it('tallies up and down by key and by button, never below nought', async () => {
    await round();
    await press('+');
    await press('k');
    await page.find('[aria-label="One more"]').trigger('click');
    expect(field().element.value).toBe('3');
    for (let i = 0; i < 5; i++) await press('-');
    expect(field().element.value).toBe('0');
  });

  it('letters in a note are letters', async () => {
    await round();
    await press('n');
    await page.find('[data-note]').trigger('keydown', { key: 'x' });
    await page.find('[data-note]').trigger('keydown', { key: 'u' });
    expect(where()).toBe('D01');
    expect(page.find('[data-note]').exists()).toBe(true);
  });

  it('is over after the last stop, and says what is missing', async () => {
    await round();
    await page.find('[data-unit="D12"]').trigger('click');
    await typeReading('1');
    await choose(0).trigger('click');
    expect(page.find('h1').text()).toBe('22 readings are still missing');
  });

  it('of a day on which nothing is read says so', async () => {
    await recordThrough(startedStudy(), '2');
    expect(page.text()).toContain('Nothing is read on day 2.');
  });
});
