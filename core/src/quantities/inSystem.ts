import { convert, dimensionOf } from './units';

/** Grams and litres, or ounces and cups. */
export const unitSystems = [
  { value: 'metric', label: 'grams, litres' },
  { value: 'us', label: 'ounces, cups' },
] as const;
export type UnitSystem = (typeof unitSystems)[number]['value'];

/** Units of a system for each dimension, the smallest first, and from how many of each on it is used. */
const ladders: Readonly<Record<UnitSystem, Partial<Record<string, readonly (readonly [unit: string, from: number])[]>>>> = {
  metric: {
    mass: [
      ['mg', 0],
      ['g', 0.1],
      ['kg', 1],
    ],
    volume: [
      ['mL', 0],
      ['L', 1],
    ],
    length: [
      ['mm', 0],
      ['cm', 1],
      ['m', 1],
    ],
    temperature: [['°C', -Infinity]],
    area: [
      ['cm²', 0],
      ['m²', 0.1],
    ],
  },
  us: {
    mass: [
      ['oz', 0],
      ['lb', 1],
    ],
    volume: [
      ['tsp', 0],
      ['tbsp', 1],
      ['cup', 0.25],
      ['gal', 1],
    ],
    length: [
      ['in', 0],
      ['ft', 3],
    ],
    temperature: [['°F', -Infinity]],
    area: [['ft²', 0]],
  },
};

/**
 * A quantity in the unit that a person of that system would use for so much.
 * @param value in `unit`
 * @param unit known or not; what is not known stays as it is
 * @param system the person's
 * @returns the same quantity
 * @example inSystem(1500, 'mL', 'metric') // { value: 1.5, unit: 'L' }
 */
export function inSystem(value: number, unit: string, system: UnitSystem): { readonly value: number; readonly unit: string } {
  const ladder = ladders[system][dimensionOf(unit) ?? ''] ?? [];
  const found = ladder.findLast(([step, from]) => Math.abs(convert(value, unit, step) ?? 0) >= from);
  return found ? { value: convert(value, unit, found[0]) ?? value, unit: found[0] } : { value, unit };
}

/**
 * The same in words, rounded to three digits: "480 g", "1.5 L", "½ cup" as "0.5 cup".
 * @param value in `unit`
 * @param unit known or not
 * @param system the person's
 * @returns with the unit behind it
 */
export function inSystemWords(value: number, unit: string, system: UnitSystem): string {
  const shown = inSystem(value, unit, system);
  const digits = Number(shown.value.toPrecision(Math.abs(shown.value) >= 1000 ? 6 : 3));
  return `${String(digits).replace('-', '−')}${shown.unit === '' ? '' : ` ${shown.unit}`}`;
}
