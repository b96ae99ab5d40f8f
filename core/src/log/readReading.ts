import { kindOf } from '../kinds';
import { typedNumber } from '../quantities/typedNumber';
import type { Measure } from '../model';

export type Reading = { readonly value: number } | { readonly wrong: string };

/**
 * A typed reading as a number: a comma or a point before the decimals; what it cannot be for this kind of measure is said.
 * @param text as typed, spaces at the ends do not count
 * @param measure what is read
 * @returns the number, or what is wrong with it in words
 */
export function readReading(text: string, measure: Pick<Measure, 'kind' | 'name' | 'unit'>): Reading {
  const typed = text.trim();
  if (typed === '') return { wrong: 'Nothing typed yet. Type a number.' };
  const value = typedNumber(typed);
  if (value === null) return { wrong: `“${typed.slice(0, 30)}” is not a number. Type digits only, like 12.5.` };
  if (!Number.isFinite(value) || Math.abs(value) > 1e12) return { wrong: 'That number is too large to be a reading.' };
  if (value < 0) return { wrong: `“${measure.name}” cannot be below 0. Check the sign.` };
  const refused = kindOf(measure).refuse(value);
  return refused === null ? { value } : { wrong: refused };
}
