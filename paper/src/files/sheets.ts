import ExcelJS from 'exceljs';
import type { ReadingsTable } from '@fern/core';

/**
 * The readings as a workbook: a sheet of readings, one of what the columns hold.
 * @param table the readings with their codebook
 * @param title of the experiment
 * @returns the bytes of an .xlsx file
 */
export async function sheetsFile({ head, rows, codebook }: ReadingsTable, title: string): Promise<Uint8Array> {
  const book = new ExcelJS.Workbook();
  book.title = title;
  const add = (name: string, top: readonly string[], body: readonly (readonly (string | number | null)[])[]) => {
    const sheet = book.addWorksheet(name, { views: [{ state: 'frozen', ySplit: 1 }] });
    sheet.addRow([...top]).font = { bold: true };
    for (const row of body) sheet.addRow([...row]);
    top.forEach((cell, i) => (sheet.getColumn(i + 1).width = Math.min(40, Math.max(cell.length + 2, 12))));
  };
  add('Readings', head, rows);
  add('Codebook', codebook.head, codebook.rows);
  return new Uint8Array(await book.xlsx.writeBuffer());
}
