import { unzipSync, strFromU8 } from 'fflate';
import pdfmake from 'pdfmake';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { expect } from 'vitest';
import { analyse, report, reportLengths, reportText, type Block, type ReportLength, type Study, entryOf } from '@fern/core';
import { TODAY } from '@fern/demo/everyStudy';
import { htmlFile, pdfFile, wordFile, type Drawn, type Materials, type PdfMaker } from '@fern/paper/files';
import { drawOnCanvas, pdfFonts } from './drawOnCanvas';

const fonts = pdfFonts();
/** Without spaces; one sign of the two for micro. */
const plain = (text: string) => text.normalize('NFKC').replace(/\s+/g, '');
let one: Promise<Drawn> | null = null;

/** One picture stands for all: what is looked for here is words. */
const materials = (blocks: readonly Block[]): Materials => ({
  title: 'report',
  blocks,
  paper: 'A4',
  draw: (picture) => (one ??= drawOnCanvas(picture)),
  photo: async () => null,
});

async function pdfText(bytes: Uint8Array): Promise<string> {
  const document = await getDocument({ data: new Uint8Array(bytes) }).promise;
  const texts = await Promise.all(
    Array.from({ length: document.numPages }, async (_, i) => {
      const { items } = await (await document.getPage(i + 1)).getTextContent();
      return plain(items.map((item) => ('str' in item ? item.str : '')).join('')).replace(new RegExp(`${i + 1}/${document.numPages}$`), '');
    }),
  );
  return texts.join('');
}

const decoded = (markup: string) =>
  plain(
    markup
      .replace(/<[^>]+>/g, '')
      .replaceAll('&lt;', '<')
      .replaceAll('&gt;', '>')
      .replaceAll('&quot;', '"')
      .replaceAll('&apos;', "'")
      .replaceAll('&amp;', '&'),
  );

/**
 * Word, PDF and web page of a study say the same in every length.
 * @param asPdf lengths of which a PDF, which takes longest, is made too
 */
export async function sameInAllFiles(study: Study, asPdf: readonly ReportLength[]): Promise<void> {
  const result = analyse(study, { today: TODAY });
  for (const { length } of reportLengths) {
    const blocks = report(study, result, length);
    const words = reportText(blocks).map(plain);
    const xml = decoded(strFromU8(entryOf(unzipSync(await wordFile(materials(blocks))), 'word/document.xml')));
    const html = decoded(await htmlFile(materials(blocks)));
    const pdf = async () =>
      pdfText(await pdfFile({ ...materials(blocks), compact: length === 'page' }, pdfmake as unknown as PdfMaker, fonts));
    for (const [where, text] of [
      ['Word', xml],
      ['web page', html],
      ...(asPdf.includes(length) ? [['PDF', await pdf()] as const] : []),
    ] as const) {
      expect(
        words.filter((line) => !text.includes(line)),
        `${where}, ${length}`,
      ).toEqual([]);
      expect(text, `${where}, ${length}`).not.toMatch(/undefined|NaN|\[object/);
    }
  }
}
