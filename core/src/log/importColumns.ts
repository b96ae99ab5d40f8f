import { itemAt, tupleOf } from '../invariant';
import { isDate, type Experiment } from '../model';
import { typedDays } from '../model/moments';

/** What a column of a table from elsewhere is. `measure` names a measure whose values it holds, `on` the day of a column of values. */
export type ColumnUse =
  | { readonly as: 'unit' | 'day' | 'measure' | 'value' | 'observer' | 'note' | 'nothing' }
  | { readonly as: 'values'; readonly measure: string; readonly on: string | null };

const usual: readonly (readonly [RegExp, Exclude<ColumnUse['as'], 'values' | 'nothing'>])[] = [
  [/^(unit|code|label|pot|dish|tray|plot|plant|id)s?$/, 'unit'],
  [/^(day|date|read on|observed on|observed_on|on|when)$/, 'day'],
  [/^(measure|what)$/, 'measure'],
  [/^(value|reading|number|result)$/, 'value'],
  [/^(observer|who|by|person|name)$/, 'observer'],
  [/^(note|notes|remark|remarks|comment|comments)$/, 'note'],
];

/**
 * What each column of a table from elsewhere is likely to be, by its head. All of it can be changed.
 * @param head the table's first row
 * @param experiment that the readings belong to
 * @param measure whose values stand in columns that are headed by a day
 * @returns a use for each column
 */
export function guessColumns(head: readonly string[], { measures, plan }: Experiment, measure: string): ColumnUse[] {
  return head.map((title) => {
    const plain = title.trim().toLowerCase();
    const named = measures.find((own) => [own.name.toLowerCase(), own.code.toLowerCase()].includes(plain));
    if (named) return { as: 'values', measure: named.code, on: null };
    if (plain === plan.unitNoun.toLowerCase()) return { as: 'unit' };
    const found = usual.find(([words]) => words.test(plain));
    if (found) return { as: found[1] };
    const day = plain.replace(/^(day|d|tag)\s*(?=\d)/, '');
    return parseDay(day) === null ? { as: 'nothing' } : { as: 'values', measure, on: day };
  });
}

/**
 * A day as people write it: a number after the start, a moment, or a date.
 * @param text as it stands in a cell
 * @returns a calendar date, or days after the start; null where it is neither
 */
export function parseDay(text: string): { readonly date: string } | { readonly after: number } | null {
  const iso = text.slice(0, 10);
  if (isDate(iso) && (text.length === 10 || /^T|\s/.test(text.slice(10)))) return { date: iso };
  const numbers = /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(text);
  if (numbers) {
    const [, first, second, year] = tupleOf(numbers, 4);
    // The day comes first, as British people write it; where only the other order is a date, that one is meant.
    const date = [`${year}-${two(second)}-${two(first)}`, `${year}-${two(first)}-${two(second)}`].find(isDate);
    return date === undefined ? null : { date };
  }
  const typed = typedDays(text);
  return 'days' in typed && typed.days.length === 1 ? { after: itemAt(typed.days, 0) } : null;
}
const two = (digits: string) => digits.padStart(2, '0');
