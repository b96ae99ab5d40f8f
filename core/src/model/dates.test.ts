import { describe, expect, it } from 'vitest';
import { addDays, daysBetween, isDate, isMoment, longDate, shortDate } from './dates';

describe('calendar dates', () => {
  it.each(['2026-04-14', '2024-02-29', '1999-12-31'])('%s is a date', (text) => {
    expect(isDate(text)).toBe(true);
  });

  it.each(['2026-02-29', '2026-13-01', '14.4.2026', '2026-4-1', '', '2026-04-14T10:00'])('“%s” is none', (text) => {
    expect(isDate(text)).toBe(false);
  });

  it.each(['2026-04-14', '2026-04-14T09:30Z', '2026-04-14T09:30:15.5+02:00'])('%s is a moment', (text) => {
    expect(isMoment(text)).toBe(true);
  });

  it.each(['2026-04-14T25:00Z', '2026-04-14 09:30', '2026-02-30T09:30Z', '2026-04-14T9:30Z'])('“%s” is none', (text) => {
    expect(isMoment(text)).toBe(false);
  });

  it('counts days over the change of clocks and leap years', () => {
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
    expect(daysBetween('2024-02-28', '2024-03-01')).toBe(2);
    expect(daysBetween('2026-04-14', '2026-04-10')).toBe(-4);
    expect(daysBetween('2026-04-14T23:00:00Z', '2026-04-15T01:00:00Z')).toBe(1);
  });

  it('adds days over the end of a year', () => {
    expect(addDays('2026-12-30', 3)).toBe('2027-01-02');
    expect(addDays('2026-04-14', -14)).toBe('2026-03-31');
  });

  it('is shown in words', () => {
    expect(shortDate('2026-04-14')).toBe('Tue 14 Apr');
    expect(longDate('2026-04-14')).toBe('Tuesday 14 April');
  });
});
