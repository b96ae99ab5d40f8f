import { impossibleValue } from '../check/value';
import { typedNumber } from '../quantities/typedNumber';
import type { Measure } from '../model';

export type Reading = { readonly value: number } | { readonly wrong: string };

/**
 * A typed reading as a number: a comma or a point before the decimals; what it cannot be for this kind of measure is said.
 * @param text as typed, spaces at the ends do not count
 * @param measure what is read
 * @returns the number, or what is wrong with it in words
 */
export function readReading(text: string, measure: Pick<Measure, 'kind' | 'name' | 'unit' | 'rubric'>): Reading {
  const typed = text.trim();
  if (typed === '') return { wrong: 'Nothing typed yet. Type a number.' };
  const value = typedNumber(typed);
  if (value === null) return { wrong: `“${typed.slice(0, 30)}” is not a number. Type digits only, like 12.5.` };
  const impossible = impossibleValue(value, measure);
  return impossible === null ? { value } : { wrong: impossible };
}
