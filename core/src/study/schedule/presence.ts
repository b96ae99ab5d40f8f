import { addDays, type Holiday, type Presence, type Timing } from '../../model';
import { always, joined, type Span, type Spans } from './spans';
import { localOf, minuteOf } from './zoned';

const DAY = 24 * 60;

/**
 * When somebody is there, as minutes since 1970.
 * @param timing hours of the week, holidays and the zone; without hours and holidays somebody always is
 * @param from first minute that counts
 * @param to last minute that counts
 * @returns spans in order
 */
export function presentBetween(
  { presence, holidays, zone }: Pick<Timing, 'presence' | 'holidays' | 'zone'>,
  from: number,
  to: number,
): Spans {
  if (presence.length === 0 && holidays.length === 0) return always;
  const out: Span[] = [];
  const last = localOf(to, zone).date;
  for (let { date } = localOf(from, zone); date <= last; date = addDays(date, 1)) {
    if (isFree(date, holidays)) continue;
    for (const [opens, closes] of hoursOn(date, presence)) {
      const span: Span = [
        minuteOf({ date, clock: opens }, zone),
        closes === '' ? minuteOf({ date: addDays(date, 1), clock: '' }, zone) - 1 : minuteOf({ date, clock: closes }, zone),
      ];
      out.push(span);
    }
  }
  return joined(out);
}

/** Whether nobody is there on a day. */
const isFree = (date: string, holidays: readonly Holiday[]): boolean => holidays.some(({ from, to }) => from <= date && date <= to);

/** Monday is 1; the first of January 1970 was a Thursday. */
const weekday = (date: string): number => ((Math.floor(Date.parse(date) / 60_000 / DAY) + 3) % 7) + 1;

/** From when to when somebody is there on a day; the whole day where no hours are kept at all. */
function hoursOn(date: string, presence: readonly Presence[]): readonly (readonly [string, string])[] {
  if (presence.length === 0) return [['00:00', '']];
  return presence.flatMap(({ day, from, to }) => (day === weekday(date) ? [[from || '00:00', to] as const] : []));
}

/**
 * Whether somebody is there on a day at all.
 * @param date calendar date
 * @param timing hours of the week and holidays
 * @returns true where none are kept
 */
export function isThereOn(date: string, { presence, holidays }: Pick<Timing, 'presence' | 'holidays'>): boolean {
  return !isFree(date, holidays) && hoursOn(date, presence).length > 0;
}
