import { entryOf } from '../invariant';

export type Dimension = 'length' | 'mass' | 'volume' | 'time' | 'temperature' | 'area';

interface Quantity {
  readonly value: number;
  readonly unit: string;
}

interface UnitOfMeasure {
  readonly dimension: Dimension;
  /** How many of the base unit one is: mm, g, mL, s, K, cm². */
  readonly factor: number;
  /** Added after the factor, for temperatures. */
  readonly offset?: number;
}

/** Exact or to six digits from NIST SP 811, Appendix B, and NIST Handbook 44, Appendix C (US customary volumes are liquid measure). */
const units: Readonly<Record<string, UnitOfMeasure>> = {
  mm: { dimension: 'length', factor: 1 },
  cm: { dimension: 'length', factor: 10 },
  m: { dimension: 'length', factor: 1000 },
  in: { dimension: 'length', factor: 25.4 },
  ft: { dimension: 'length', factor: 304.8 },
  mg: { dimension: 'mass', factor: 0.001 },
  g: { dimension: 'mass', factor: 1 },
  kg: { dimension: 'mass', factor: 1000 },
  oz: { dimension: 'mass', factor: 28.349523125 },
  lb: { dimension: 'mass', factor: 453.59237 },
  mL: { dimension: 'volume', factor: 1 },
  L: { dimension: 'volume', factor: 1000 },
  tsp: { dimension: 'volume', factor: 4.92892159375 },
  tbsp: { dimension: 'volume', factor: 14.78676478125 },
  'fl oz': { dimension: 'volume', factor: 29.5735295625 },
  cup: { dimension: 'volume', factor: 236.5882365 },
  pt: { dimension: 'volume', factor: 473.176473 },
  qt: { dimension: 'volume', factor: 946.352946 },
  gal: { dimension: 'volume', factor: 3785.411784 },
  s: { dimension: 'time', factor: 1 },
  min: { dimension: 'time', factor: 60 },
  h: { dimension: 'time', factor: 3600 },
  d: { dimension: 'time', factor: 86400 },
  wk: { dimension: 'time', factor: 604800 },
  '°C': { dimension: 'temperature', factor: 1, offset: 273.15 },
  '°F': { dimension: 'temperature', factor: 5 / 9, offset: 273.15 - (32 * 5) / 9 },
  'cm²': { dimension: 'area', factor: 1 },
  'm²': { dimension: 'area', factor: 10_000 },
  'ft²': { dimension: 'area', factor: 929.0304 },
};

/**
 * The dimension of a unit, null if it is not known here.
 * @param unit as UCUM or a kitchen writes it
 * @returns length, mass, volume, time, temperature, area or null
 */
export function dimensionOf(unit: string): Dimension | null {
  return units[unit]?.dimension ?? null;
}

/**
 * The units of a dimension that are known here.
 * @param dimension length, mass, volume, time, temperature or area
 * @returns metric ones first
 */
export function unitsOf(dimension: Dimension): string[] {
  return Object.keys(units).filter((unit) => entryOf(units, unit).dimension === dimension);
}

/**
 * How many base units of its dimension (mm, g, mL, s, K, cm²) a unit is.
 * @param unit as UCUM or a kitchen writes it
 * @returns a factor above 0
 * @throws {RangeError} for a unit that is not known
 */
export function inBaseUnits(unit: string): number {
  if (!units[unit]) throw new RangeError(`${unit} is not a known unit`);
  return units[unit].factor;
}

/**
 * A value in another unit of the same dimension; null where the two do not convert.
 * @param value in the unit `from`
 * @param from a unit
 * @param to a unit
 * @returns the value in the unit `to`
 * @example convert(1, 'in', 'cm') // 2.54
 */
export function convert(value: number, from: string, to: string): number | null {
  if (from === to) return value;
  const [a, b] = [units[from], units[to]];
  if (!a || !b || a.dimension !== b.dimension) return null;
  return (value * a.factor + (a.offset ?? 0) - (b.offset ?? 0)) / b.factor;
}

/**
 * Adds quantities in the unit of the first; null where they do not add: another dimension, an unknown unit, or temperatures.
 * @param quantities one or more
 * @returns their sum
 */
export function add(quantities: readonly Quantity[]): Quantity | null {
  const [first] = quantities;
  if (!first || dimensionOf(first.unit) === 'temperature') return null;
  let sum = 0;
  for (const { value, unit } of quantities) {
    const converted = convert(value, unit, first.unit);
    if (converted === null) return null;
    sum += converted;
  }
  return { value: sum, unit: first.unit };
}
