import { convert } from '../../quantities/units';

/** Units as people write them out. */
const spelled: Readonly<Record<string, string>> = {
  ml: 'mL',
  l: 'L',
  ...Object.fromEntries(['millimetre', 'millimeter'].flatMap((word) => [word, `${word}s`].map((own) => [own, 'mm']))),
  ...Object.fromEntries(['centimetre', 'centimeter'].flatMap((word) => [word, `${word}s`].map((own) => [own, 'cm']))),
  ...{ metre: 'm', metres: 'm', meter: 'm', meters: 'm', inch: 'in', inches: 'in', gram: 'g', grams: 'g' },
  ...{ millilitre: 'mL', millilitres: 'mL', milliliters: 'mL', litre: 'L', litres: 'L', liters: 'L', ounces: 'oz', kilograms: 'kg' },
};

/**
 * How many of a unit one of the typed unit is.
 * @param typed as it stands in the text, in small letters
 * @param unit of what is known
 * @returns null where they do not measure the same
 */
export const unitFactor = (typed: string, unit: string): number | null => convert(1, spelled[typed] ?? typed, unit);
/**
 * Whether a typed unit measures what a known one does.
 * @param typed as it stands in the text, in small letters
 * @param unit of what is known
 * @returns true for the same unit too
 */
export const sameUnit = (typed: string, unit: string): boolean =>
  typed === unit.toLowerCase() || (typed !== '' && unitFactor(typed, unit) !== null);
