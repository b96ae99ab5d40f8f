import { decimalsFor, fixed } from '../../quantities/roundTo';
import type { Ask, Line, Told } from './Calculator';
import type { AskOf, OptionalIn } from './defineCalculator';

type More = Partial<Omit<Ask, 'id' | 'kind'>>;

const plain = {
  unit: '',
  choices: [],
  least: 0,
  most: 1e9,
  above: false,
  whole: false,
  optional: false,
  why: '',
} as const;

/** A quantity above nought. */
export function quantity<const Id extends string, const Has extends More = object>(
  id: Id,
  label: string,
  unit: string,
  example: string,
  more?: Has,
): AskOf<Id, 'number', OptionalIn<Has>> {
  const optional = (more?.optional ?? false) as AskOf<Id, 'number', OptionalIn<Has>>['optional'];
  return { ...plain, label, unit, example, above: true, ...more, id, kind: 'number', optional };
}

/** A quantity that may be nought as well. */
export const orNone = <const Id extends string>(id: Id, label: string, unit: string, example: string, more: More = {}) =>
  quantity(id, label, unit, example, { above: false, ...more, optional: false });

/** Per cent, up to a hundred. */
export function percent<const Id extends string, const Has extends More = object>(id: Id, label: string, example: string, more?: Has) {
  const optional = (more?.optional ?? false) as OptionalIn<Has>;
  return quantity(id, label, '%', example, { most: 100, above: false, why: 'A share ends at 100%.', ...more, optional });
}

/** How many of something that is not cut in two. */
export const wholeNumber = <const Id extends string>(id: Id, label: string, example: string, more: More = {}) =>
  quantity(id, label, '', example, { whole: true, ...more, optional: false });

/** A temperature, which may be below nought. */
export const warmth = <const Id extends string>(id: Id, label: string, example: string, more: More = {}) =>
  quantity(id, label, '°C', example, { least: -90, most: 120, above: false, ...more, optional: false });

/** Hours of a day. */
export const hoursOfDay = <const Id extends string>(id: Id, label: string, example: string) =>
  quantity(id, label, 'h', example, { most: 24, why: 'A day has 24 hours.' });

/** Several quantities of one kind. */
export function several<const Id extends string, const Has extends More = object>(
  id: Id,
  label: string,
  unit: string,
  example: string,
  more?: Has,
): AskOf<Id, 'list', OptionalIn<Has>> {
  const optional = (more?.optional ?? false) as AskOf<Id, 'list', OptionalIn<Has>>['optional'];
  return { ...plain, label, unit, example, above: true, ...more, id, kind: 'list', optional };
}

/** One part in so many: as 1 : 500 or 1 + 500. */
export const ratio = <const Id extends string>(id: Id, label: string, example: string): AskOf<Id, 'ratio'> => ({
  ...plain,
  id,
  label,
  kind: 'ratio',
  example,
  above: true,
  most: 1e6,
});

/** A time of day, as hours after midnight. */
export const clock = <const Id extends string>(id: Id, label: string, example: string): AskOf<Id, 'clock'> => ({
  ...plain,
  id,
  label,
  kind: 'clock',
  unit: 'h',
  example,
  most: 24,
});

/** One of a few ways. */
export function oneOf<const Id extends string>(
  id: Id,
  label: string,
  first: readonly [value: string, label: string],
  ...others: readonly (readonly [value: string, label: string])[]
): AskOf<Id, 'choice'> {
  const choices = [first, ...others].map(([value, words]) => ({ value, label: words }));
  return { ...plain, id, label, kind: 'choice', example: first[0], choices };
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
