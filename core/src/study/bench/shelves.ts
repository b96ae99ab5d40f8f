import { blankOf, shelfFields, type Shelf } from '../../model';

export interface ShelfRows {
  readonly shelf: Shelf;
  /** First and last row on it, counted from 1 over the whole bench. */
  readonly first: number;
  readonly last: number;
}

/**
 * The shelves of a bench with the rows that lie on each.
 * @param bench shelves from the first to the last
 * @returns a shelf with its first and last row, counted through the whole bench from 1
 */
export function shelfRows(bench: readonly Shelf[]): ShelfRows[] {
  let next = 1;
  return bench.map((shelf) => {
    const first = next;
    next += shelf.rows;
    return { shelf, first, last: next - 1 };
  });
}

/**
 * A bench wide enough for units that came without one: as many rows and columns as they use.
 * @param bench of the plan; one that has shelves stays
 * @param units with or without places
 * @returns shelves
 */
export function benchFor(
  bench: readonly Shelf[],
  units: readonly { readonly row: number | null; readonly column: number | null }[],
): readonly Shelf[] {
  const rows = Math.max(0, ...units.map((unit) => unit.row ?? 0));
  const columns = Math.max(0, ...units.map((unit) => unit.column ?? 0));
  const known = bench.reduce((sum, shelf) => sum + shelf.rows, 0);
  if (rows === 0) return bench;
  if (
    bench.length > 0 &&
    known >= rows &&
    bench.every((shelf) => shelf.columns >= 1) &&
    Math.max(...bench.map((shelf) => shelf.columns)) >= columns
  )
    return bench;
  return [{ ...blankOf(shelfFields), name: 'Bench', rows, columns: Math.max(1, columns) }];
}

/**
 * Units in the order in which one walks along the bench; units without a place come last, by code.
 * @param units in any order
 */
export function roundOrder<U extends { readonly code: string; readonly row: number | null; readonly column: number | null }>(
  units: readonly U[],
): U[] {
  const key = (unit: U) => [unit.row ?? Infinity, unit.column ?? Infinity] as const;
  return [...units].sort((a, b) => {
    const [rowA, columnA] = key(a);
    const [rowB, columnB] = key(b);
    if (rowA !== rowB) return rowA < rowB ? -1 : 1;
    if (columnA !== columnB) return columnA < columnB ? -1 : 1;
    return a.code < b.code ? -1 : a.code > b.code ? 1 : 0;
  });
}
