import dayjs from 'dayjs';
import utc from 'dayjs/plugin/utc.js';

dayjs.extend(utc);

/**
 * Whether the text is a calendar date that exists, as `2026-04-14`.
 * @param text anything
 * @returns false for 31 April and for 29 February outside leap years
 * @example isDate('2026-02-29') // false
 */
export function isDate(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && dayjs.utc(text).format('YYYY-MM-DD') === text;
}

/**
 * Whether the text is a date or an ISO 8601 date-time.
 * @param text anything
 * @returns whether `observed_on` may hold it
 */
export function isMoment(text: string): boolean {
  if (!isDate(text.slice(0, 10))) return false;
  return text.length === 10 || /^T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d+)?)?(Z|[+-]\d{2}:\d{2})?$/.test(text.slice(10));
}

/**
 * Calendar days from `from` to `to`; day 0 is the start. Only the date part counts.
 * @param from a date or date-time
 * @param to a date or date-time
 * @returns whole days, below 0 where `to` is earlier
 * @example daysBetween('2025-02-10', '2025-05-10') // 89
 */
export function daysBetween(from: string, to: string): number {
  return dayNumber(to.slice(0, 10)) - dayNumber(from.slice(0, 10));
}

// Asked for every reading, and there are few dates among many readings.
const dayNumbers = new Map<string, number>();
const MOST_DAYS = 5000;

/** Days since 1 January 1970; an ISO date is read as UTC, where every day has 24 hours. */
function dayNumber(date: string): number {
  const known = dayNumbers.get(date);
  if (known !== undefined) return known;
  const number = Date.parse(date) / 86_400_000;
  if (dayNumbers.size < MOST_DAYS) dayNumbers.set(date, number);
  return number;
}

/**
 * The date `days` after `from`.
 * @param from a date or date-time
 * @param days whole, may be below 0
 * @returns a calendar date
 * @example addDays('2026-03-08', 12) // '2026-03-20'
 */
export function addDays(from: string, days: number): string {
  return new Date((dayNumber(from.slice(0, 10)) + days) * 86_400_000).toISOString().slice(0, 10);
}

/**
 * "Tue 14 Apr".
 * @param date a date or date-time
 * @returns in British English
 * @example shortDate('2026-04-14') // 'Tue 14 Apr'
 */
export function shortDate(date: string): string {
  return dayjs.utc(date.slice(0, 10)).format('ddd D MMM');
}

/**
 * "April".
 * @param month 1 is January
 * @returns in British English
 */
export function monthName(month: number): string {
  return dayjs.utc(`2026-${String(month).padStart(2, '0')}-01`).format('MMMM');
}

/**
 * "14 Apr 2026": where the year may be another.
 * @param date a date or date-time
 * @returns in British English
 */
export function dateAndYear(date: string): string {
  return dayjs.utc(date.slice(0, 10)).format('D MMM YYYY');
}

/**
 * "Tuesday 14 April".
 * @param date a date or date-time
 * @returns in British English
 */
export function longDate(date: string): string {
  return dayjs.utc(date.slice(0, 10)).format('dddd D MMMM');
}

/**
 * The latest calendar date that it can be anywhere on Earth: where the day begins first it is a day further than in UTC.
 * @param now a time
 * @returns a date after which nothing can have been read yet
 */
export function latestAnywhere(now: Date): string {
  return addDays(now.toISOString().slice(0, 10), 1);
}
