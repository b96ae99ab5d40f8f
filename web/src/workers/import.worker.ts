import { expose } from 'comlink';
import Papa from 'papaparse';
import { guessColumns, importReadings, MOST_IMPORTED, type ColumnUse } from '@fern/core';
import { v7 as uuid } from 'uuid';
import { unpackStudy, type PackedStudy } from './packedStudy';
import { sheetRows } from './sheetRows';

interface Wanted {
  readonly uses: readonly ColumnUse[];
  readonly measure: string;
  readonly today: string;
  readonly overwrite: boolean;
  readonly observer: string | null;
}

let rows: readonly (readonly string[])[] = [];

/** Reads a table from elsewhere away from the page; it is stopped by ending the worker. */
const worker = {
  /** The head, what each column is likely to be, and the first rows to look at. */
  async open(name: string, bytes: Uint8Array, study: PackedStudy, measure: string) {
    rows = /\.xlsx$/i.test(name) ? await sheetRows(bytes) : textRows(new TextDecoder().decode(bytes));
    const [head = []] = rows;
    return {
      head: [...head],
      uses: guessColumns(head, study.experiment, measure),
      count: Math.max(0, rows.length - 1),
      first: rows.slice(1, 4),
    };
  },
  read: (study: PackedStudy, wanted: Wanted) => importReadings(rows, { ...wanted, study: unpackStudy(study), id: uuid }),
};

function textRows(text: string): readonly (readonly string[])[] {
  return Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', preview: MOST_IMPORTED + 2 }).data;
}

export type ImportWorker = typeof worker;

expose(worker);
