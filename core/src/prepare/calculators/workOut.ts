import { itemAt } from '../../invariant';
import { typedQuantity } from '../../quantities/typed';
import type { Ask, Calculator, Given, Worked } from './Calculator';
import { num } from './makers';
import { typedRatio } from './typedRatio';

/** What stands in the fields of a calculator, as typed. */
export type Filled = Readonly<Record<string, string>>;

/** What came of it: the answer, or what is wrong in which field. */
export type CalculatorResult = { readonly worked: Worked } | { readonly wrong: Readonly<Record<string, string>> };

interface Read {
  readonly number?: number;
  readonly list?: readonly number[];
  readonly choice?: string;
  readonly wrong?: string;
}

/**
 * Works a calculator out from what was typed.
 * @param calculator one of the table
 * @param filled as typed, by field; what is missing is empty
 * @returns the answer; or, for each field that cannot be, why not
 */
export function workOut(calculator: Calculator, filled: Filled): CalculatorResult {
  const read = calculator.asks.map((ask) => [ask.id, readField(ask, filled[ask.id] ?? '')] as const);
  const wrong = read.flatMap(([id, { wrong: why }]) => (why === undefined ? [] : [[id, why] as const]));
  if (wrong.length > 0) return { wrong: Object.fromEntries(wrong) };
  const given: Given = {
    numbers: Object.fromEntries(read.flatMap(([id, own]) => (own.number === undefined ? [] : [[id, own.number]]))),
    lists: Object.fromEntries(read.flatMap(([id, own]) => (own.list === undefined ? [] : [[id, own.list]]))),
    choices: Object.fromEntries(read.flatMap(([id, own]) => (own.choice === undefined ? [] : [[id, own.choice]]))),
  };
  const worked = calculator.work(given);
  return 'why' in worked ? { wrong: { [worked.field]: worked.why } } : { worked };
}

function readField(ask: Ask, text: string): Read {
  if (text.trim() === '' && ask.kind !== 'choice') return ask.optional ? {} : { wrong: 'Nothing typed yet.' };
  switch (ask.kind) {
    case 'choice':
      return { choice: ask.choices.some(({ value }) => value === text) ? text : itemAt(ask.choices, 0).value };
    case 'ratio': {
      const typed = typedRatio(text);
      return 'wrong' in typed ? typed : { number: typed.parts, choice: typed.style };
    }
    case 'clock':
      return readClock(text);
    case 'list':
      return readList(ask, text);
    case 'number': {
      const typed = typedQuantity(text, ask.unit);
      if ('wrong' in typed) return typed;
      const wrong = outside(ask, typed.value);
      return wrong === null ? { number: typed.value } : { wrong };
    }
  }
}

/** Numbers with spaces, semicolons or commas and a space between; a comma within digits is a decimal one. */
function readList(ask: Ask, text: string): Read {
  const parts = text
    .trim()
    .split(/\s*[;\n]\s*|,\s+|\s+(?=[-−]?[\d½⅓⅔¼¾⅛⅜⅝⅞.])/)
    .filter((part) => part !== '');
  const read = parts.map((part) => typedQuantity(part, ask.unit));
  for (const [i, typed] of read.entries()) {
    const wrong = 'wrong' in typed ? typed.wrong : outside(ask, typed.value);
    if (wrong !== null) return { wrong: parts.length > 1 ? `Number ${i + 1}: ${wrong}` : wrong };
  }
  return { list: read.flatMap((typed) => ('value' in typed ? [typed.value] : [])) };
}

function readClock(text: string): Read {
  const found = /^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(am|pm)?$/i.exec(text.trim());
  const [, hours = '', minutes = '0', half] = found ?? [];
  const late = half?.toLowerCase() === 'pm' ? 12 : 0;
  const hour = half ? (Number(hours) % 12) + late : Number(hours);
  if (!found || hour > 24 || Number(minutes) > 59 || (half && (Number(hours) > 12 || Number(hours) === 0)))
    return { wrong: `“${text.trim().slice(0, 20)}” is no time of day: type it like 6:30 or 18:30.` };
  return { number: hour + Number(minutes) / 60 };
}

/** Why a number cannot be what is asked for; null where it can. */
function outside({ least, most, above, whole, label, unit, why }: Ask, value: number): string | null {
  const with_ = (bound: number) => `${num(bound)}${unit === '' ? '' : ` ${unit}`}`;
  const because = why === '' ? '' : ` ${why}`;
  if (whole && !Number.isInteger(value)) return `${why || 'Whole numbers only.'} Type ${Math.floor(value)} or ${Math.ceil(value)}.`;
  if (value < least || (above && value === least))
    return value < 0 && least === 0
      ? `${label}: it cannot be below 0.`
      : `${label}: it must be ${above ? 'more than' : 'at least'} ${with_(least)}.${because}`;
  if (value > most) return `${label}: it must be ${with_(most)} at most.${because}`;
  return null;
}
