import { itemAt } from '../invariant';
import Papa from 'papaparse';
import type { Measure, Unit } from '../model';
import { typedCell, type CellSays } from './typedCell';

/** A cell of a pasted block that cannot be taken, and why. */
export interface PasteProblem {
  readonly unit: string;
  readonly column: string;
  readonly message: string;
}

interface Block {
  /** Rows of the table from the cell down into which it is pasted. */
  readonly units: readonly Unit[];
  /** Columns of the table from the cell to the right, by their ids. */
  readonly columns: readonly string[];
  readonly measure: Measure;
}

/**
 * A block copied from a spreadsheet, laid over the table from one cell down and to the right: all of it, or nothing. Empty cells leave what
 * stands there.
 * @param text with tabs or commas between cells and a line a row
 * @param block the rows and columns that it may cover, and the measure
 * @returns what each cell says, by row and column from 0; or every cell that cannot be taken
 */
export function pastedBlock(
  text: string,
  { units, columns, measure }: Block,
):
  | { readonly cells: readonly { readonly row: number; readonly column: number; readonly says: CellSays }[] }
  | { readonly problems: readonly PasteProblem[] } {
  const rows = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: text.includes('\t') ? '\t' : '' }).data;
  const widest = Math.max(0, ...rows.map((row) => row.length));
  if (rows.length > units.length || widest > columns.length) {
    const message = `The block has ${rows.length} rows and ${widest} columns; from here there is room for ${units.length} and ${columns.length}.`;
    return { problems: [{ unit: units[0]?.code ?? '', column: columns[0] ?? '', message }] };
  }
  const read = rows.flatMap((row, r) =>
    row.map((cell, c) => ({
      row: r,
      column: c,
      unit: itemAt(units, r).code,
      id: itemAt(columns, c),
      says: typedCell(cell, measure),
    })),
  );
  const problems = read.flatMap(({ unit, id, says }) =>
    says !== null && 'wrong' in says ? [{ unit, column: id, message: says.wrong }] : [],
  );
  if (problems.length > 0) return { problems };
  return { cells: read.flatMap(({ row, column, says }) => (says === null || 'wrong' in says ? [] : [{ row, column, says }])) };
}
