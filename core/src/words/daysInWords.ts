import { inList } from '../quantities/inList';
import { minuteWords } from '../study/minuteWords';

const MINUTES = 24 * 60;

/**
 * The days on which something is read, as a sentence says them.
 * @param days after the start, parts of a day among them
 * @example daysInWords([7, 14]) // 'on days 7 and 14'
 * @example daysInWords([0, 0.25, 1]) // 'at the start, after 6 h and on day 1'
 */
export function daysInWords(days: readonly number[]): string {
  if (days.every(Number.isInteger)) return `on ${days.length === 1 ? 'day' : 'days'} ${inList(days.map(String))}`;
  return inList(
    days.map((day) => {
      if (day === 0) return 'at the start';
      return Number.isInteger(day) ? `on day ${day}` : `after ${minuteWords(Math.round(day * MINUTES))}`;
    }),
  );
}
