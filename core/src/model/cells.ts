import type { CellForm } from './fields';

const spaced = (cell: string) => cell.split(/\s+/).filter(Boolean);

/** Codes with a space between. */
export const codesCell: CellForm = {
  pattern: /^/,
  expected: 'codes with a space between',
  write: (codes: readonly string[]) => codes.join(' '),
  read: spaced,
};

/** Whole days with a space between. */
export const daysCell: CellForm = {
  pattern: /^(\d+( \d+)*)?$/,
  expected: 'days as whole numbers with a space between',
  write: (days: readonly number[]) => days.join(' '),
  read: (cell) => spaced(cell).map(Number),
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

/** Any number: a package from elsewhere may hold what a walk would refuse, as a temperature below 0. */
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
  write: (value: number | null) => (value === null ? '' : String(value)),
  read: Number,
};
