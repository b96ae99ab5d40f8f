import Papa from 'papaparse';
import { guarded } from './formulaGuard';
import type { ReadingsTable } from './readingsTable';

/**
 * The readings, or their codebook, as CSV (RFC 4180).
 * @param table of which head and rows are written
 * @returns text with a head
 */
export function csvOf({ head, rows }: Pick<ReadingsTable, 'head' | 'rows'>): string {
  const data = rows.map((row) => row.map((cell) => (typeof cell === 'string' ? guarded(cell) : cell)));
  return `${Papa.unparse({ fields: [...head], data }, { newline: '\r\n' })}\r\n`;
}
