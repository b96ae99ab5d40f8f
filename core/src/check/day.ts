import { dateAndYear } from '../model';
import { asked, refused, type Objection } from './Objection';

/** Between which days something may have been read or done without a question. */
interface Days {
  /** Day 0; null before the start. */
  readonly start: string | null;
  /** The last day; null while it runs. */
  readonly end: string | null;
  /** Calendar date after which nothing can have happened yet. */
  readonly latest: string;
}

/**
 * The day of something that was read or done: to come is refused; before the start or after the end is asked.
 * @param moment ISO 8601 date or date-time
 * @param pointer of the day in what is checked
 */
export function checkDay(moment: string, { start, end, latest }: Days, pointer: string): Objection[] {
  const day = moment.slice(0, 10);
  if (day > latest) return [refused('day-to-come', pointer, `${dateAndYear(day)} is still to come. Choose a day up to today.`)];
  if (start !== null && day < start)
    return [asked('before-start', pointer, `${dateAndYear(day)} is before the start on ${dateAndYear(start)}.`)];
  if (end !== null && day > end) return [asked('after-end', pointer, `${dateAndYear(day)} is after the end on ${dateAndYear(end)}.`)];
  return [];
}
