import { MOST_IMPORTED, zipEntries } from '@fern/core';

/** What a workbook may come to, unpacked. */
const MOST_BYTES = 150 * 1024 * 1024;

/**
 * The first sheet of a workbook as text, cell by cell.
 * @param bytes of an .xlsx file
 * @returns rows with their cells; dates as 2026-04-14
 * @throws {Error} in words for whoever chose the file
 */
export async function sheetRows(bytes: Uint8Array): Promise<string[][]> {
  const size = unpackedSize(bytes);
  if (size > MOST_BYTES) throw new Error('The workbook unpacks to more than 150 MB. Save the one sheet as CSV.');
  const { default: ExcelJS } = await import('exceljs');
  const book = new ExcelJS.Workbook();
  try {
    await book.xlsx.load(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer);
  } catch {
    throw new Error('This is no workbook that can be read. Save it as .xlsx or as CSV.');
  }
  const sheet = book.worksheets.find((own) => own.rowCount > 0);
  if (!sheet) throw new Error('The workbook is empty.');
  const rows: string[][] = [];
  sheet.eachRow({ includeEmpty: false }, (row) => {
    if (rows.length > MOST_IMPORTED + 1) return;
    rows.push(Array.from({ length: sheet.columnCount }, (_, i) => cellWords(row.getCell(i + 1).value)));
  });
  return rows.filter((row) => row.some((cell) => cell !== ''));
}

function unpackedSize(bytes: Uint8Array): number {
  try {
    return zipEntries(bytes).reduce((sum, { size }) => sum + size, 0);
  } catch {
    throw new Error('This is no workbook that can be read. Save it as .xlsx or as CSV.');
  }
}

/** A formula is its result, a link or rich text its words. */
function cellWords(value: unknown): string {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value !== 'object') return String(value).trim();
  if ('result' in value) return cellWords(value.result);
  if ('richText' in value)
    return (value.richText as { text: string }[])
      .map(({ text }) => text)
      .join('')
      .trim();
  return 'text' in value ? String(value.text).trim() : '';
}
