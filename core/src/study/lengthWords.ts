import { tupleOf } from '../invariant';
import { typedQuantity } from '../quantities/typed';

const unitsFrom = [
  ['d', 24, 48],
  ['h', 1, 1],
  ['min', 1 / 60, 0],
] as const;

/**
 * How long a step lasts, as one says it.
 * @param hours at least; null where no length is said
 * @param hoursMost at most; null where it is as long as at least
 * @returns "18 h", "15–30 min", "30–42 d"; empty without a length
 */
export function lengthWords(hours: number | null, hoursMost: number | null): string {
  if (hours === null) return '';
  const isRange = hoursMost !== null && hoursMost > hours;
  const [unit, each] =
    unitsFrom.find(([, size, from]) => hours >= from && isWhole(hours / size) && (!isRange || isWhole(hoursMost / size))) ?? unitsFrom[1];
  const shown = (value: number) => String(Number((value / each).toFixed(2)));
  return isRange ? `${shown(hours)}–${shown(hoursMost)} ${unit}` : `${shown(hours)} ${unit}`;
}

const isWhole = (value: number) => Math.abs(value * 4 - Math.round(value * 4)) < 1e-9;

export type TypedLength = { readonly hours: number | null; readonly hoursMost: number | null } | { readonly wrong: string };
const MOST_HOURS = 24 * 3650;

/**
 * The same as typed: `18`, `18 h`, `20 min`, `1 h 30 min`, `30-42 d`, `15 to 30 min`; hours where no unit is said.
 * @param text as typed; empty for no length
 * @returns hours, or what is wrong in words
 */
export function typedLength(text: string): TypedLength {
  const typed = text.trim();
  if (typed === '') return { hours: null, hoursMost: null };
  const range = /^(.*?[\d½¼¾])\s*([a-z]*)\s*(?:-|–|to|bis)\s*(\d.*)$/i.exec(typed);
  if (!range) {
    const read = typedQuantity(typed, 'h');
    if ('wrong' in read) return read;
    return limited(read.value, null);
  }
  const [, first, ownUnit, second] = tupleOf(range, 4);
  const unit = ownUnit || /[a-z]+\.?$/i.exec(second)?.[0] || 'h';
  const [from, to] = [typedQuantity(`${first} ${unit}`, 'h'), typedQuantity(second, 'h')];
  if ('wrong' in from) return from;
  if ('wrong' in to) return to;
  if (to.value < from.value) return { wrong: `“${typed}” goes backwards: the shorter first, like 30–42 d.` };
  return limited(from.value, to.value === from.value ? null : to.value);
}

function limited(hours: number, hoursMost: number | null): TypedLength {
  if (hours <= 0) return { wrong: 'A length is more than 0. Leave it empty where the step takes only hands.' };
  if (Math.max(hours, hoursMost ?? 0) > MOST_HOURS) return { wrong: 'That is longer than ten years.' };
  return { hours, hoursMost };
}
