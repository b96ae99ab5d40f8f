import dayjs from 'dayjs';
import utc from 'dayjs/plugin/utc';

dayjs.extend(utc);

/** Whether the text is a calendar date that exists, as `2026-04-14`. */
export function isDate(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && dayjs.utc(text).format('YYYY-MM-DD') === text;
}

/** Whether the text is a date or an ISO 8601 date-time. */
export function isMoment(text: string): boolean {
  if (!isDate(text.slice(0, 10))) return false;
  return text.length === 10 || /^T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d+)?)?(Z|[+-]\d{2}:\d{2})?$/.test(text.slice(10));
}

/** Calendar days from `from` to `to`; day 0 is the start. Only the date part counts. */
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

/** The date `days` after `from`. */
export function addDays(from: string, days: number): string {
  return new Date((dayNumber(from.slice(0, 10)) + days) * 86_400_000).toISOString().slice(0, 10);
}

/** "Tue 14 Apr". */
export function shortDate(date: string): string {
  return dayjs.utc(date.slice(0, 10)).format('ddd D MMM');
}

/** "Tuesday 14 April". */
export function longDate(date: string): string {
  return dayjs.utc(date.slice(0, 10)).format('dddd D MMMM');
}
