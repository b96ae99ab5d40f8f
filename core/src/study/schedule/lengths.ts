import { addDays } from '../../model';
import type { Span, Spans } from './spans';
import { joined } from './spans';
import { localOf, minuteOf } from './zoned';

const CALENDAR_HOURS = 48;

/**
 * So many hours later on. From two days on people count days: 35 days in the refrigerator end at the same hour by the clock, even where the
 * clock was put forward meanwhile. Shorter ones are hours that pass: a soak of 18 h is one of 18 h.
 * @param minute since 1970; may be infinite
 * @param hours below 0 goes back
 * @returns a minute
 */
export function later(minute: number, hours: number, zone: string): number {
  if (!Number.isFinite(minute)) return minute;
  if (Math.abs(hours) < CALENDAR_HOURS || zone === '') return minute + Math.round(hours * 60);
  const days = Math.trunc(hours / 24);
  const { date, clock } = localOf(minute, zone);
  return minuteOf({ date: addDays(date, days), clock }, zone) + Math.round((hours - days * 24) * 60);
}

/** The times at which something may end that begins within the spans and lasts from least to most hours. */
export function after(spans: Spans, least: number, most: number, zone: string): Spans {
  return joined(spans.map(([from, to]): Span => [later(from, least, zone), later(to, most, zone)]));
}
