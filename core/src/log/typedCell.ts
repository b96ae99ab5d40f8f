import type { Measure, Observation } from '../model';
import { readReading } from './readReading';

/** What stands in one cell of a table, once it is read. */
export type CellSays = Pick<Observation, 'value' | 'absent'>;

const NOT_READ = /^([-–—]|not read)$/i;
const NOTHING_THERE = /^(x|nothing|nothing there)$/i;

/**
 * A cell of the table as it is typed, pasted or imported: a number, a dash for "not read", an x for "nothing there", or its own words for that.
 * @param text as typed
 * @param measure what is read
 * @returns what it says; null where it is empty; or what is wrong with it in words
 */
export function typedCell(text: string, measure: Measure): CellSays | { readonly wrong: string } | null {
  const typed = text.trim();
  if (typed === '') return null;
  if (NOT_READ.test(typed)) return { value: null, absent: 'not-read' };
  if (NOTHING_THERE.test(typed) || (measure.none !== '' && typed.toLowerCase() === measure.none.toLowerCase()))
    return { value: null, absent: 'nothing-there' };
  const read = readReading(typed, measure);
  return 'wrong' in read ? read : { value: read.value, absent: null };
}

/**
 * The same in the table's own signs.
 * @param reading what stands there; null where nothing does
 * @returns as it would be typed
 */
export function cellText(reading: CellSays | null): string {
  if (reading === null) return '';
  if (reading.value !== null) return String(reading.value);
  return reading.absent === 'nothing-there' ? 'x' : '–';
}
