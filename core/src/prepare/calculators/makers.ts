import { decimalsFor, fixed } from '../../quantities/roundTo';
import type { Ask, Line, Told } from './Calculator';

const plain: Omit<Ask, 'id' | 'label' | 'kind' | 'example'> = {
  unit: '',
  choices: [],
  least: 0,
  most: 1e9,
  above: false,
  whole: false,
  optional: false,
  why: '',
};

/** A quantity above nought. */
export function quantity(id: string, label: string, unit: string, example: string, more: Partial<Ask> = {}): Ask {
  return { ...plain, id, label, kind: 'number', unit, example, above: true, ...more };
}

/** A quantity that may be nought as well. */
export function orNone(id: string, label: string, unit: string, example: string, more: Partial<Ask> = {}): Ask {
  return quantity(id, label, unit, example, { above: false, ...more });
}

/** Per cent, up to a hundred. */
export function percent(id: string, label: string, example: string, more: Partial<Ask> = {}): Ask {
  return quantity(id, label, '%', example, { most: 100, above: false, why: 'A share ends at 100 %.', ...more });
}

/** How many of something that is not cut in two. */
export function wholeNumber(id: string, label: string, example: string, more: Partial<Ask> = {}): Ask {
  return quantity(id, label, '', example, { whole: true, ...more });
}

/** A temperature, which may be below nought. */
export function warmth(id: string, label: string, example: string, more: Partial<Ask> = {}): Ask {
  return quantity(id, label, '°C', example, { least: -90, most: 120, above: false, ...more });
}

/** Hours of a day. */
export function hoursOfDay(id: string, label: string, example: string): Ask {
  return quantity(id, label, 'h', example, { most: 24, why: 'A day has 24 hours.' });
}

/** Several quantities of one kind. */
export function several(id: string, label: string, unit: string, example: string, more: Partial<Ask> = {}): Ask {
  return { ...plain, id, label, kind: 'list', unit, example, above: true, ...more };
}

/** One part in so many: as 1 : 500 or 1 + 500. */
export function ratio(id: string, label: string, example: string): Ask {
  return { ...plain, id, label, kind: 'ratio', example, above: true, most: 1e6 };
}

/** A time of day, as hours after midnight. */
export function clock(id: string, label: string, example: string): Ask {
  return { ...plain, id, label, kind: 'clock', unit: 'h', example, most: 24 };
}

/** One of a few ways. */
export function oneOf(id: string, label: string, ...choices: readonly (readonly [value: string, label: string])[]): Ask {
  const named = choices.map(([value, words]) => ({ value, label: words }));
  return { ...plain, id, label, kind: 'choice', example: named[0].value, choices: named };
}

/** A number as it stands in a formula: four digits are enough for every spoon and balance. */
export function num(value: number): string {
  const decimals = Math.min(4, decimalsFor(value, null) + 1);
  const text = fixed(value, decimals);
  return text.includes('.') && !text.includes('^') ? text.replace(/\.?0+$/, '') : text;
}

/** A line of what is weighed or poured. */
export const measuredLine = (label: string, value: number, unit: string): Line => ({ label, value, unit, measured: true });

/** A line of what is only read. */
export const resultLine = (label: string, value: number, unit: string): Line => ({ label, value, unit });

/** A line in words. */
export const resultWords = (label: string, words: string): Told => ({ label, words });

/** "6:30" of 6.5 hours after midnight, the next day counted on. */
export function clockWords(hours: number): string {
  const minutes = ((Math.round(hours * 60) % 1440) + 1440) % 1440;
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
}
