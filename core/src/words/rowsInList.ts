import { inList } from '../quantities/inList';
import { inRow } from '../quantities/inRow';

/**
 * Named things, each with its number, as a list in a sentence.
 * @param rows names in their order
 * @param numberOf what stands in brackets behind each
 * @example rowsInList([{ name: 'plain water', lost: 1 }, { name: 'salt', lost: 4 }], ({ lost }) => `${lost} of 10`)
 * // 'plain water (1 of 10) and salt (4 of 10)'
 */
export function rowsInList<R extends { readonly name: string }>(rows: readonly R[], numberOf: (row: R) => string): string {
  return inList(rows.map((row) => `${inRow(row.name)} (${numberOf(row)})`));
}
