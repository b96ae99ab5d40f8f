import { itemAt } from '../invariant';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../ask/experimentFrom';
import { questions } from '../ask/questions';
import type { Experiment } from '../model';
import { calendarOf } from './calendar';
import { setSowing, setTiming } from './timing';

const planOf = (id: string): Experiment => {
  const question = questions.find((own) => own.id === id);
  if (!question) throw new Error(`no question ${id}`);
  return experimentFrom(question, { created: '2027-01-02T08:00:00Z', startOn: '2027-03-28', seed: 5 });
};
/** Read back by another library. */
const read = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as [string, unknown[], unknown[]]).getAllSubcomponents('vevent').map((part) => new ICAL.Event(part));
const now = '2027-01-05T10:00:00Z';
const coats = setTiming(setSowing(planOf('hard-coat'), '2027-03-28', '09:00'), { zone: 'Europe/London' });

describe('the calendar file', () => {
  it('holds the beginning and the end of each step, and each reading, in order', () => {
    const events = read(calendarOf(coats, now));
    const told = events.map(({ summary, startDate }) => `${startDate.toJSDate().toISOString().slice(0, 16)} ${summary}`);
    // Clocks in London went forward at 01:00 on 28 March 2027: 09:00 is 08:00 UTC, and 12 h in water began at 20:00 UTC.
    expect(told).toContain('2027-03-27T20:00 In water of the room (all groups)');
    expect(told).toContain('2027-03-28T08:00 End: in water of the room (all groups)');
    expect(told).toContain('2027-03-27T19:30 Hot water left to cool (hot water left to cool)');
    expect(told).toContain('2027-04-04T08:00 Read day 7: sprouts');
    expect(events.map(({ startDate }) => startDate.toJSDate().getTime())).toEqual(
      [...events.map(({ startDate }) => startDate.toJSDate().getTime())].sort((a, b) => a - b),
    );
  });

  it('rings a quarter of an hour before, and says what to take care of', () => {
    const hot = itemAt(
      read(calendarOf(coats, now)).filter(({ summary }) => summary.startsWith('Hot water')),
      0,
    );
    const alarm = itemAt(hot.component.getAllSubcomponents('valarm'), 0);
    expect(String(alarm.getFirstPropertyValue('trigger'))).toBe('-PT15M');
    expect(hot.description).toMatch(/an adult pours[\s\S]*School safety rules/);
  });

  it('imported again moves what is there: the same ids with a higher sequence', () => {
    const later = calendarOf(setSowing(coats, '2027-04-01', '10:00'), '2027-01-06T10:00:00Z');
    const [before, after] = [read(calendarOf(coats, now)), read(later)];
    expect(after.map(({ uid }) => uid).sort()).toEqual(before.map(({ uid }) => uid).sort());
    expect(new Set(before.map(({ uid }) => uid)).size).toBe(before.length);
    expect(itemAt(after, 0).sequence).toBeGreaterThan(itemAt(before, 0).sequence);
  });

  it('keeps to RFC 5545: lines of 75 octets, CRLF, commas and new lines escaped', () => {
    const text = calendarOf({ ...coats, title: 'Coats, cups; and\nlong words '.repeat(6) }, now);
    expect(text.split('\r\n').every((line) => new TextEncoder().encode(line).length <= 75)).toBe(true);
    expect(text.replace(/\r\n/g, '')).not.toMatch(/[\r\n]/);
    expect(read(text).length).toBeGreaterThan(5);
  });

  it('of a blind plan names no arm; one without a zone is of the clock on the wall; one without a day has no entries', () => {
    const blind = calendarOf({ ...coats, blinded: true }, now);
    expect(blind).toContain('(some groups)');
    expect(blind).not.toContain('(hot water left to cool)');
    const floating = setTiming(coats, { zone: '' });
    expect(calendarOf(floating, now)).toMatch(/DTSTART:20270404T090000\r/);
    expect(read(calendarOf({ ...coats, startedOn: null }, now))).toEqual([]);
  });

  it.each(questions)('of $id is read back', (question) => {
    const plan = experimentFrom(question, { created: '2027-01-02T08:00:00Z', startOn: '2027-03-01', seed: 5 });
    const events = read(calendarOf(plan, now));
    const days = new Set(plan.measures.flatMap(({ kind, readingDays }) => (kind === 'derived' ? [] : readingDays)));
    expect(events.filter(({ summary }) => summary.startsWith('Read')).length).toBe(days.size);
  });
});
