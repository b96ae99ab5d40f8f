import type { Experiment } from '../../model';
import { plural } from '../../quantities/plural';
import type { Known } from './knownNumbers';
import type { Mentions } from './mentions';
import type { TypedNumber } from './numbersIn';
import { sameUnit } from './typedUnits';

/** A typed number with the words about it. */
interface InText {
  readonly number: TypedNumber;
  readonly before: string;
  readonly after: string;
  /** "from 3 to 5": the ends of an interval. */
  readonly isRange: boolean;
  /** "4 cm taller": a difference, not a value. */
  readonly compares: boolean;
  /** With the next letters: "half as many". */
  readonly withNext: string;
  readonly plan: Experiment['plan'];
}

/** What a number is by the words about it, and which known numbers are such. */
interface Sort {
  readonly is: (typed: InText) => boolean;
  readonly fits: (own: Known, typed: InText) => boolean;
}

const unitIs =
  (...units: readonly string[]) =>
  ({ number }: InText) =>
    units.includes(number.unit);
const sortIs =
  (...sorts: readonly Known['sort'][]) =>
  ({ sort }: Known) =>
    sorts.includes(sort);

const CHANGE = /^\s*(?:\w+\s)?(?:fewer|less|lower|shorter|smaller|more|higher|taller|longer|bigger)\b/i;
const isPart = ({ number }: InText) => number.unit === 'part' && number.value < 1;

/** The first that a number is decides. */
const sorts: readonly Sort[] = [
  // "17 of 20"
  { is: ({ number }) => number.of !== null, fits: sortIs('success', 'units') },
  { is: unitIs('%', 'percent', 'per'), fits: isSuchShare },
  {
    is: unitIs('points', 'point', 'percentage'),
    fits: ({ sort, unit }) => sort === 'gap' && unit === 'percentage points',
  },
  // "a quarter shorter"
  { is: (typed) => isPart(typed) && CHANGE.test(typed.after), fits: sortIs('change') },
  // "a third of them", but not "half as many"
  {
    is: (typed) => isPart(typed) && !typed.compares && !/\bas\b/i.test(typed.withNext),
    fits: ({ sort, unit }) => sort === 'value' && unit === '%',
  },
  { is: unitIs('part', 'times', 'fold'), fits: sortIs('ratio') },
  // "12 in each", "12 per group"
  {
    is: ({ number, after }) => number.unit === '' && /^\s*(?:in|for|to|per)?\s*(?:each|every|an arm|group)\b/i.test(after),
    fits: sortIs('units', 'put in'),
  },
  {
    is: ({ number, plan }) => [plan.unitNoun.toLowerCase(), plural(plan.unitNoun.toLowerCase())].includes(number.unit),
    fits: sortIs('units'),
  },
  { is: unitIs('arms', 'treatments', 'groups'), fits: ({ sort, arm }) => sort === 'units' && arm === null },
  {
    is: ({ number, plan }) => [number.unit, plural(number.unit)].includes(plan.propagule.toLowerCase()),
    fits: sortIs('put in', 'success'),
  },
  {
    is: ({ number }) => /^(day|week)s?$/.test(number.unit),
    fits: ({ sort, unit }) => sort === 'days' || (unit === 'days' && (sort === 'gap' || sort === 'value')),
  },
  // "on days 3, 5 and 7"
  { is: ({ before }) => /\bdays?\s+(?:\d+(?:,\s*|\s+and\s+))*$/i.test(before), fits: sortIs('days') },
  // "p = 0.03"
  { is: ({ before }) => /\bp\s*[=<]\s*$/.test(before), fits: sortIs('p') },
  { is: () => true, fits: isSuchQuantity },
];

function isSuchShare({ sort, unit }: Known, { isRange, compares }: InText): boolean {
  const isShare = unit === '%' || unit === 'percentage points';
  if (isRange && isShare) return sort === 'value' || sort === 'gap';
  return compares ? sort === 'change' || (isShare && sort === 'gap') : isShare && sort === 'value';
}

function isSuchQuantity({ sort, unit }: Known, { number, compares }: InText): boolean {
  if (unit === '' || unit === '%' || unit === 'percentage points' || !sameUnit(number.unit, unit)) return false;
  return sort === 'gap' || (sort === 'value' && !compares);
}

/**
 * Which of the known numbers a typed one can be, by the words about it.
 * @param number as it was found in the text
 * @param said what the sentence names
 * @param plan whose words for a unit and for what is put into one count
 * @returns whether a known number is of that sort
 */
export function sortOfNumber(number: TypedNumber, said: Mentions, plan: Experiment['plan']): (own: Known) => boolean {
  const isRange = said.isRange(number);
  const typed: InText = {
    number,
    before: said.text.slice(0, number.from),
    after: said.text.slice(number.to),
    isRange,
    compares: said.compares(number) && !isRange,
    withNext: said.text.slice(number.from, number.to + 14),
    plan,
  };
  const sort = sorts.find(({ is }) => is(typed));
  return (own) => !(own.isEnd && !isRange) && sort !== undefined && sort.fits(own, typed);
}
