import { entryOf, itemAt } from '../invariant';
import { typedNumber } from './typedNumber';
import { convert, dimensionOf, unitsOf } from './units';

/** What was typed, in the unit that was asked for; or what is wrong with it in words. */
export type Typed = { readonly value: number; readonly unit: string } | { readonly wrong: string };

/** How people write the units that are known here; what differs only by case or a plural is found without this list. */
const written: Readonly<Record<string, string>> = {
  millilitre: 'mL',
  milliliter: 'mL',
  cc: 'mL',
  litre: 'L',
  liter: 'L',
  t: 'tsp',
  teaspoon: 'tsp',
  T: 'tbsp',
  tbs: 'tbsp',
  tablespoon: 'tbsp',
  'fluid ounce': 'fl oz',
  floz: 'fl oz',
  c: 'cup',
  pint: 'pt',
  quart: 'qt',
  gallon: 'gal',
  milligram: 'mg',
  gram: 'g',
  gramme: 'g',
  kilo: 'kg',
  kilogram: 'kg',
  ounce: 'oz',
  pound: 'lb',
  millimetre: 'mm',
  millimeter: 'mm',
  centimetre: 'cm',
  centimeter: 'cm',
  metre: 'm',
  meter: 'm',
  inch: 'in',
  inche: 'in',
  '"': 'in',
  '″': 'in',
  foot: 'ft',
  feet: 'ft',
  "'": 'ft',
  '′': 'ft',
  second: 's',
  sec: 's',
  minute: 'min',
  hour: 'h',
  hr: 'h',
  day: 'd',
  week: 'wk',
  C: '°C',
  '° C': '°C',
  'degree c': '°C',
  F: '°F',
  '° F': '°F',
  'degree f': '°F',
  'cm^2': 'cm²',
  'm^2': 'm²',
  'ft^2': 'ft²',
  'square foot': 'ft²',
  'square feet': 'ft²',
};

const quarters: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const PART = /^\s*(?:(\d+)\s+(\d+)\/(\d+)|(\d+)\/(\d+)|(\d*)\s*([½⅓⅔¼¾⅛⅜⅝⅞])|(\d+(?:[.,]\d+)?|[.,]\d+))\s*([^\d½⅓⅔¼¾⅛⅜⅝⅞.,−-]*)/;
const LONGEST = 60;

/**
 * A quantity as people type it: `1/2 cup`, `2 lb 3 oz`, `68 °F`, `12,5`, `1½ tsp`. Without a unit it is in the one that is asked for.
 * @param text as typed
 * @param asked the unit in which the value is wanted; one that is not known here takes a plain number, with or without that unit behind it
 * @returns the value in the unit asked for, and the unit that was typed; or what is wrong, in words for who typed it
 * @example typedQuantity('2 lb', 'g') // { value: 907.18474, unit: 'lb' }
 */
export function typedQuantity(text: string, asked: string): Typed {
  const typed = text.trim().slice(0, LONGEST);
  if (typed === '') return { wrong: 'Nothing typed yet.' };
  const sign = /^[-−]/.test(typed) ? -1 : 1;
  let rest = typed.replace(/^[-−+]\s*/, '');
  let sum = 0;
  let first: string | null = null;
  while (rest.trim() !== '') {
    const found = PART.exec(rest);
    if (!found) return { wrong: `“${typed}” is not a number${example(asked)}.` };
    if (/^\d{1,3}[.,]000(?!\d)/.test(found[8] ?? '') && (found[8] ?? '').includes(','))
      return { wrong: `“${found[8]}” can be a thousand or a one with three decimals. Type it without the comma.` };
    const unit = unitTyped(itemAt(found, 9).trim(), asked);
    if (unit === null) return { wrong: unknownUnit(itemAt(found, 9).trim(), asked) };
    const value = convert(number(found), unit, asked);
    if (value === null) return { wrong: unknownUnit(unit, asked) };
    if (first !== null && (dimensionOf(asked) === 'temperature' || dimensionOf(asked) === null))
      return { wrong: `“${typed}” are two numbers. Type one${example(asked)}.` };
    first ??= unit;
    // A temperature below nought is so before it is converted.
    sum += dimensionOf(asked) === 'temperature' ? (convert(sign * number(found), unit, asked) ?? 0) : sign * value;
    rest = rest.slice(found[0].length);
  }
  return Number.isFinite(sum) ? { value: sum, unit: first ?? asked } : { wrong: `“${typed}” is not a number${example(asked)}.` };
}

function number([, whole, over, under, top, bottom, before, part, plain]: readonly (string | undefined)[]): number {
  if (part !== undefined) return Number(before || 0) + entryOf(quarters, part);
  if (top !== undefined) return Number(top) / Number(bottom);
  if (whole !== undefined) return Number(whole) + Number(over) / Number(under);
  return typedNumber(plain ?? '') ?? NaN;
}

function unitTyped(text: string, asked: string): string | null {
  if (text === '' || text === asked) return asked;
  const single = text.replace(/\.$/, '');
  for (const word of [single, single.replace(/s$/, ''), single.toLowerCase(), single.toLowerCase().replace(/s$/, '')]) {
    if (word === asked || dimensionOf(word) !== null) return word;
    if (written[word] !== undefined) return written[word];
    const cased = word === 'ml' ? 'mL' : word === 'l' ? 'L' : null;
    if (cased !== null) return cased;
  }
  return null;
}

function unknownUnit(unit: string, asked: string): string {
  const dimension = dimensionOf(asked);
  if (dimension === null) return `“${unit}” does not fit here: type a plain number${asked === '' ? '' : `, in ${asked}`}.`;
  const fit = unitsOf(dimension).join(', ');
  return dimensionOf(unit) === null
    ? `No unit “${unit}” is known here. Use one of ${fit}.`
    : `${unit} does not measure ${dimension === 'time' ? 'a time' : `a ${dimension}`}. Use one of ${fit}.`;
}

const example = (asked: string) => `: type digits, like ${dimensionOf(asked) === null ? '12.5' : `12.5 ${asked}`}`;
