import type { CellForm } from './fields';
import { MOMENT, momentDays, momentWords } from './moments';

const spaced = (cell: string) => cell.split(/\s+/).filter(Boolean);

/** Codes with a space between. */
export const codesCell: CellForm = {
  pattern: /^/,
  expected: 'codes with a space between',
  write: (codes: readonly string[]) => codes.join(' '),
  read: spaced,
};

/** A day after the start, or a moment under a day, as people write it: `3`, `10min`, `8h`, `1h30`. Minutes are the finest. */
export const momentCell: CellForm = {
  pattern: new RegExp(`^${MOMENT}$`),
  expected: 'a day, or a moment like 10min, 8h or 1h30',
  write: (days: number) => momentWords(days),
  read: momentDays,
  isText: true,
};

/** Days and moments with a space between: `2 4 10`, or `10min 8h 1`. */
export const momentsCell: CellForm = {
  pattern: new RegExp(`^(${MOMENT}( ${MOMENT})*)?$`),
  expected: 'days or moments with a space between, like 2 4 10, or 10min 8h 1',
  write: (days: readonly number[]) => days.map(momentWords).join(' '),
  read: (cell) => spaced(cell).map(momentDays),
};

/** Described steps of a rating, as `1 = pale; 2 = green`. */
export const stepsCell: CellForm = {
  pattern: /^$|^-?\d+ = [^;]+(; -?\d+ = [^;]+)*$/,
  expected: 'steps like "1 = pale; 2 = green"',
  write: (steps: readonly { readonly value: number; readonly words: string }[]) =>
    steps.map(({ value, words }) => `${value} = ${words}`).join('; '),
  read: (cell) =>
    cell
      .split('; ')
      .filter(Boolean)
      .map((step) => ({ value: Number(step.split(' = ')[0]), words: step.slice(step.indexOf(' = ') + 3) })),
};

/** Any number; whether it can be a value of its measure is a rule of `check/`. */
export const numberCell: CellForm = {
  pattern: /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i,
  expected: 'a number, like 12.5',
  write: (value: number) => String(value),
  read: Number,
};

/** Any whole number. */
export const wholeCell: CellForm = {
  pattern: /^[+-]?\d+$/,
  expected: 'a whole number',
  write: (value: number) => String(value),
  read: Number,
};
