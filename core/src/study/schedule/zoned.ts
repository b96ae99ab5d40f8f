import dayjs from 'dayjs';
import timezone from 'dayjs/plugin/timezone.js';
import utc from 'dayjs/plugin/utc.js';

dayjs.extend(utc);
dayjs.extend(timezone);

const MINUTE = 60_000;

/** A calendar date with a time of day, as `2026-03-29` and `09:30`. */
export interface LocalTime {
  readonly date: string;
  readonly clock: string;
}

/**
 * Whether a time zone is known here.
 * @param zone an IANA name; empty counts as known
 * @returns whether its clocks can be read
 */
export function isZone(zone: string): boolean {
  if (zone === '') return true;
  try {
    return new Intl.DateTimeFormat('en-GB', { timeZone: zone }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}

/**
 * Minutes since 1970 at which a clock in a zone shows a time. A time that a clock skips in spring is the moment at which it skips it, plus
 * what was left; one that it shows twice in autumn is the first.
 * @param local date and clock
 * @param zone an IANA name; empty reads the clock as if there were no zones
 * @returns whole minutes
 */
export function minuteOf({ date, clock }: LocalTime, zone: string): number {
  const plain = Date.parse(`${date}T${clock || '00:00'}:00Z`) / MINUTE;
  // The offset of the moment itself is only known once the moment is: both sides of a change are tried.
  const [before, after] = [offsetAt(plain - 24 * 60, zone), offsetAt(plain + 24 * 60, zone)];
  const found = [plain - before, plain - after].find((minute) => minute + offsetAt(minute, zone) === plain);
  return found ?? plain - before;
}

/**
 * What a clock in a zone shows at a moment.
 * @param minute since 1970
 * @param zone an IANA name; empty for a clock without one
 * @returns date and clock
 */
export function localOf(minute: number, zone: string): LocalTime {
  const shown = new Date((minute + offsetAt(minute, zone)) * MINUTE).toISOString();
  return { date: shown.slice(0, 10), clock: shown.slice(11, 16) };
}

const zones = new Map<string, boolean>([['', false]]);

/** A zone that this machine does not know is read as none. */
function isKnown(zone: string): boolean {
  const before = zones.get(zone);
  if (before !== undefined) return before;
  const found = isZone(zone);
  zones.set(zone, found);
  return found;
}

const DAY = 24 * 60;
const dayOffsets = new Map<string, number>();
const MOST = 20_000;

/** How many minutes a clock in the zone is ahead of UTC at a moment. A day whose both ends agree has one answer, which is kept. */
function offsetAt(minute: number, zone: string): number {
  if (!isKnown(zone)) return 0;
  const day = Math.floor(minute / DAY);
  const before = offsetOfDay(day, zone);
  return before === offsetOfDay(day + 1, zone) ? before : offset(minute, zone);
}

function offsetOfDay(day: number, zone: string): number {
  const key = `${zone} ${day}`;
  const known = dayOffsets.get(key);
  if (known !== undefined) return known;
  const found = offset(day * DAY, zone);
  if (dayOffsets.size < MOST) dayOffsets.set(key, found);
  return found;
}

const offset = (minute: number, zone: string): number =>
  dayjs(minute * MINUTE)
    .tz(zone)
    .utcOffset();
