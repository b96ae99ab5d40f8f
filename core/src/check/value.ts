import { kindOf, type ReadingContext } from '../kinds';
import { MOST_VALUE, TOO_LARGE, type Measure } from '../model';
import { dimensionOf } from '../quantities/units';
import { asked, refused, type Objection } from './Objection';

/**
 * Why a number can be no value of a measure, whatever else was read: below 0, too large, off its scale, not whole where one counts.
 * @param value in the measure's own unit
 * @returns in words; null where it can be
 */
export function impossibleValue(value: number, measure: Pick<Measure, 'kind' | 'name' | 'unit' | 'rubric'>): string | null {
  if (value < 0 && dimensionOf(measure.unit) !== 'temperature') return `“${measure.name}” cannot be below 0. Check the sign.`;
  if (!(Math.abs(value) <= MOST_VALUE)) return TOO_LARGE;
  return kindOf(measure).refuse(value, measure);
}

/**
 * A value of a measure beside what is known of its unit and of the others.
 * @param value in the measure's own unit
 * @param context what else was read
 * @returns what cannot be, or else what is unlikely; pointers begin at the reading
 */
export function checkValue(value: number, context: ReadingContext): Objection[] {
  const impossible = impossibleValue(value, context.measure);
  if (impossible !== null) return [refused('impossible-value', '/value', impossible)];
  return kindOf(context.measure)
    .doubts(value, context)
    .map(({ rule, message }) => asked(rule, '/value', message));
}
