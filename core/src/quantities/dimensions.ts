import { dimensionOf, inBaseUnits } from './units';

/** A unit taken apart: how many base units it is, and the power of each base: `cm³` is 1000 mm³, length to the third. */
export interface Dimensioned {
  readonly factor: number;
  readonly powers: Readonly<Record<string, number>>;
}

export const plainNumber: Dimensioned = { factor: 1, powers: {} };

/** Base, power and factor to base units (mm, g, s) of each dimension that `units` knows. */
const bases = {
  length: ['length', 1, 1],
  area: ['length', 2, 100],
  volume: ['length', 3, 1000],
  mass: ['mass', 1, 1],
  time: ['time', 1, 1],
} as const;

const superscripts: Readonly<Record<string, string>> = { '²': '2', '³': '3' };

/**
 * Takes a unit apart: `cm`, `cm^3`, `g/mL`, `leaves/cm²`. A word that is no known unit is a base of its own; % and an empty unit are plain numbers.
 * @param unit as people write it
 * @returns factor to base units, and powers without zeros
 */
export function dimensions(unit: string): Dimensioned {
  const [over = '', ...under] = unit.trim().split('/');
  return under.map(product).reduce((whole, part) => multiply(whole, part, -1), product(over));
}

function product(text: string): Dimensioned {
  return text
    .split(/[\s·*]+/)
    .filter((part) => part !== '' && part !== '1' && part !== '%')
    .map(single)
    .reduce((whole, part) => multiply(whole, part), plainNumber);
}

function single(text: string): Dimensioned {
  if (dimensionOf(text) !== null) return known(text);
  const [, name, power] = /^(.*?)\^?(-?\d|[²³])$/.exec(text) ?? [text, text, '1'];
  return raise(dimensionOf(name) === null ? { factor: 1, powers: { [name]: 1 } } : known(name), Number(superscripts[power] ?? power));
}

function known(unit: string): Dimensioned {
  const dimension = dimensionOf(unit);
  // A temperature has no true zero here: it stays in its own degrees.
  if (dimension === null || dimension === 'temperature') return { factor: 1, powers: { [unit]: 1 } };
  const [base, power, scale] = bases[dimension];
  return { factor: inBaseUnits(unit) * scale, powers: { [base]: power } };
}

/**
 * The product of two units, or with −1 their quotient.
 * @param a a unit
 * @param b a unit
 * @param sign −1 divides by `b`
 */
export function multiply(a: Dimensioned, b: Dimensioned, sign: 1 | -1 = 1): Dimensioned {
  const powers: Record<string, number> = { ...a.powers };
  for (const [base, power] of Object.entries(b.powers)) powers[base] = (powers[base] ?? 0) + sign * power;
  return { factor: a.factor * b.factor ** sign, powers: Object.fromEntries(Object.entries(powers).filter(([, power]) => power !== 0)) };
}

/**
 * A unit to a power: cm to the 3 is cm³.
 * @param unit a unit
 * @param to the power
 */
export function raise({ factor, powers }: Dimensioned, to: number): Dimensioned {
  return {
    factor: factor ** to,
    powers: Object.fromEntries(
      Object.entries(powers)
        .map(([base, power]) => [base, power * to] as const)
        .filter(([, power]) => power !== 0),
    ),
  };
}

/**
 * Whether two units measure the same thing, so that one can be added to the other.
 * @param a a unit
 * @param b a unit
 * @returns true for cm and in, false for cm and g
 */
export function commensurable(a: Dimensioned, b: Dimensioned): boolean {
  const bases = new Set([...Object.keys(a.powers), ...Object.keys(b.powers)]);
  return [...bases].every((base) => a.powers[base] === b.powers[base]);
}

const usual: Readonly<Record<string, string>> = { length: 'cm', mass: 'g', time: 'd' };

/**
 * A unit in which something of these powers could be given: "cm³", "g/cm²"; empty for a plain number.
 * @param unit a unit
 * @returns as one would write it
 */
export function usualUnit({ powers }: Dimensioned): string {
  const part = ([base, power]: readonly [string, number]) => {
    const size = Math.abs(power);
    return `${usual[base] ?? base}${size === 1 ? '' : size === 2 ? '²' : size === 3 ? '³' : `^${size}`}`;
  };
  const over = Object.entries(powers)
    .filter(([, power]) => power > 0)
    .map(part);
  const under = Object.entries(powers)
    .filter(([, power]) => power < 0)
    .map(part);
  return under.length === 0 ? over.join(' ') : `${over.join(' ') || '1'}/${under.join('/')}`;
}
