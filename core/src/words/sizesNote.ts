import { inList } from '../quantities/inList';
import { counted, plural } from '../quantities/plural';

/**
 * How many units a picture shows.
 * @param rows groups in their order
 * @param word of a unit, in the singular
 * @returns "n = 6 dishes per group", or "n = 13 (plain water) and 9 (peel water) pots"
 */
export function sizesNote(rows: readonly { readonly name: string; readonly units: number }[], word: string): string {
  const [first, ...others] = rows;
  if (first && others.every(({ units }) => units === first.units)) return `n = ${counted(first.units, word)} per group`;
  return `n = ${inList(rows.map(({ name, units }) => `${units} (${name})`))} ${plural(word)}`;
}
