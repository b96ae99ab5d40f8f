import type { Layout } from '../model';
import type { UnitValue } from './Contrast';

/**
 * The stratum of each unit: its block or pair, inside which arms are compared. A unit that was given none stands alone there and takes no part.
 * @param values that are compared
 * @param layout how the arms were dealt
 * @returns one name for all where there are no blocks
 */
export function strataOf(values: readonly UnitValue[], layout: Layout): (unit: UnitValue) => string {
  if (layout === 'completely-random' || (layout === 'blocks' && values.every(({ block }) => block === null))) return () => '';
  return ({ block, unit }) => block ?? `alone ${unit}`;
}
