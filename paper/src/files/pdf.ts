import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import { sentenceText, type Block } from '@fern/core';
import { colours } from '../look';
import { base64 } from './html';
import { columnShares } from './columnShares';
import { eachBlock, missing, photoOf, type Materials } from './Materials';
import { ownParagraphs } from './ownText';

/** The letters of a PDF, each the bytes of a font: for text, for headings, and for signs that these have not. */
export interface PdfFonts {
  readonly text: Uint8Array;
  readonly bold: Uint8Array;
  readonly italic: Uint8Array;
  readonly head: Uint8Array;
  readonly signs: Uint8Array;
}

/** What of pdfmake is used; its two builds, for the browser and for elsewhere, have the same. */
export interface PdfMaker {
  readonly virtualfs: { writeFileSync: (name: string, content: string, encoding: string) => void };
  setFonts: (fonts: Readonly<Record<string, Readonly<Record<string, string>>>>) => void;
  setUrlAccessPolicy: (allows: (url: string) => boolean) => void;
  /** Only where there are files. */
  setLocalAccessPolicy?: (allows: (path: string) => boolean) => void;
  createPdf: (definition: TDocumentDefinitions) => { getBuffer: () => Promise<Uint8Array> };
}

/** The letters that the fonts for text have; what is not among them is set in the font for signs. */
const OWN_LETTERS = /[\u0000-\u00FF\u0131\u0152\u0153\u02C6\u02DA\u02DC\u2000-\u206F\u20AC\u2122\u2212]+/g;
/** A bench of more rows may go over to the next page. */
const MOST_ROWS = 30;
/** As wide as the text, points. */
const WIDE = { A4: 487, Letter: 504 } as const;

/**
 * The report as a PDF, tagged with its language and title.
 * @param materials the report, and how its pictures are drawn
 * @param maker pdfmake, of the browser or of elsewhere
 * @param fonts bytes of the letters
 * @returns the bytes of a .pdf file
 */
export async function pdfFile(materials: Materials, maker: PdfMaker, fonts: PdfFonts): Promise<Uint8Array> {
  for (const [name, bytes] of Object.entries(fonts) as [string, Uint8Array][])
    maker.virtualfs.writeFileSync(`fern-${name}`, base64(bytes), 'base64');
  const one = (name: string) => ({ normal: name, bold: name, italics: name, bolditalics: name });
  maker.setFonts({
    Text: { normal: 'fern-text', bold: 'fern-bold', italics: 'fern-italic', bolditalics: 'fern-bold' },
    Head: one('fern-head'),
    Signs: one('fern-signs'),
  });
  maker.setUrlAccessPolicy(() => false);
  maker.setLocalAccessPolicy?.(() => false);
  const content = together(await eachBlock<Piece>(materials, (block) => contentOf(block, materials)));
  const { compact = false } = materials;
  const definition: TDocumentDefinitions & { tagged: boolean; displayTitle: boolean; language: string } = {
    content,
    tagged: true,
    displayTitle: true,
    language: 'en-GB',
    version: '1.7',
    info: { title: materials.title, creator: 'Fern Test' },
    pageSize: materials.paper === 'A4' ? 'A4' : 'LETTER',
    pageMargins: [54, compact ? 36 : 54, 54, compact ? 44 : 60],
    defaultStyle: { font: 'Text', fontSize: compact ? 10 : 10.5, lineHeight: compact ? 1.15 : 1.3, color: colours.ink },
    styles: {
      h1: { font: 'Head', fontSize: 22, margin: [0, 0, 0, 8] },
      h2: { font: 'Head', fontSize: 15, margin: [0, compact ? 6 : 16, 0, compact ? 2 : 5] },
      h3: { font: 'Head', fontSize: 12, margin: [0, 10, 0, 4] },
      caption: { italics: true, fontSize: 9, color: colours.soft, margin: [0, 3, 0, 10] },
    },
    footer: (page, pages) => ({ text: `${page} / ${pages}`, alignment: 'center', fontSize: 9, margin: [0, 18, 0, 0] }),
  };
  return maker.createPdf(definition).getBuffer();
}

type Piece = Exclude<Content, string | number | readonly unknown[]>;
const SHORT = 10;

const isHeading = (piece: Piece) => 'headlineLevel' in piece;
/** What a heading takes along over the page: words, a short list, what goes over whole. */
const goesAlong = (piece: Piece) =>
  'text' in piece || ('unbreakable' in piece && piece.unbreakable === true) || ('ul' in piece && (piece.ul?.length ?? 0) < SHORT);

/** A heading does not stand alone at the foot of a page. */
function together(all: readonly Piece[]): Content[] {
  const joined: Content[] = [];
  let waiting: Piece[] = [];
  for (const piece of all) {
    if (isHeading(piece)) waiting.push(piece);
    else if (goesAlong(piece)) {
      joined.push(waiting.length === 0 ? piece : { stack: [...waiting, piece], unbreakable: true });
      waiting = [];
    } else {
      joined.push(...waiting, piece);
      waiting = [];
    }
  }
  return [...joined, ...waiting];
}

/** A numbered list, each number before its words: the library's own puts it after the first line, where a reader by ear would hear it. */
function steps(items: readonly Content[]): Piece {
  const numbered = items.map((item, i): Content => ({
    columns: [
      { text: `${i + 1}.`, width: 16 },
      { stack: [item], width: '*' },
    ],
  }));
  return { stack: numbered, margin: [0, 0, 0, 8], unbreakable: items.length < SHORT };
}

async function contentOf(block: Block, materials: Materials): Promise<Piece[]> {
  switch (block.kind) {
    case 'heading':
      return [{ text: letters(block.text, 'Head'), style: `h${block.level}`, headlineLevel: block.level }];
    case 'paragraph':
      return [{ text: letters(sentenceText(block.text)), margin: [0, 0, 0, 6] }];
    case 'list': {
      const items = block.items.map((item) => ({
        text: letters(sentenceText(item)),
        margin: [0, 0, 0, 2] as [number, number, number, number],
      }));
      return [block.ordered ? steps(items) : { ul: items, margin: [0, 0, 0, 8] }];
    }
    case 'table':
      return [
        {
          stack: [
            { text: letters(block.caption), style: 'caption', margin: [0, 6, 0, 3] },
            tableOf(block.rows, block.numbersFrom, block.head),
          ],
          unbreakable: block.rows.length < SHORT,
        },
      ];
    case 'bench':
      return [
        {
          stack: [tableOf(block.rows, Infinity), { text: letters(block.caption), style: 'caption' }],
          unbreakable: block.rows.length < MOST_ROWS,
        },
      ];
    case 'figure': {
      const { png } = await materials.draw(block.picture);
      return [
        {
          stack: [
            { image: `data:image/png;base64,${base64(png)}`, width: WIDE[materials.paper] * (materials.compact ? 0.7 : 1) },
            { text: letters(block.caption), style: 'caption' },
          ],
          unbreakable: true,
        },
      ];
    }
    case 'photos': {
      const all = await Promise.all(
        block.photos.map(async ({ file, caption }): Promise<Piece> => {
          const data = await photoOf(materials, file);
          if (data === null) return { text: letters(missing(caption)), style: 'caption' };
          return {
            stack: [
              { image: `data:image/jpeg;base64,${base64(data)}`, fit: [WIDE[materials.paper], 230] },
              { text: letters(caption), style: 'caption' },
            ],
            unbreakable: true,
          };
        }),
      );
      return all;
    }
    case 'caution':
      return [{ text: [{ text: 'Take care. ', bold: true }, ...letters(block.text)], margin: [0, 0, 0, 6], color: colours.rust }];
    case 'own':
      return ownParagraphs(block).map(({ label, text, open }) => ({
        text: [{ text: label, bold: true }, ...letters(text)],
        italics: open,
        margin: [0, 0, 0, 6],
      }));
  }
}

/** Words in pieces, each in a font that has its letters. */
function letters(text: string, font?: 'Head'): { text: string; font?: string }[] {
  const pieces: { text: string; font?: string }[] = [];
  let from = 0;
  for (const match of text.matchAll(OWN_LETTERS)) {
    if (match.index > from) pieces.push({ text: text.slice(from, match.index), font: 'Signs' });
    pieces.push({ text: match[0], ...(font ? { font } : {}) });
    from = match.index + match[0].length;
  }
  if (from < text.length) pieces.push({ text: text.slice(from), font: 'Signs' });
  return pieces;
}

function tableOf(rows: readonly (readonly string[])[], numbersFrom: number, head: readonly string[] = []): Piece {
  const columns = Math.max(1, head.length, ...rows.map((row) => row.length));
  const small = columns > 7 ? 7.5 : 9;
  const line = (words: readonly string[], bold: boolean): TableCell[] =>
    Array.from({ length: columns }, (_, i) => ({
      text: letters(words[i] ?? ''),
      bold,
      fontSize: small,
      alignment: i >= numbersFrom ? ('right' as const) : ('left' as const),
    }));
  const body = [...(head.length === 0 ? [] : [line(head, true)]), ...rows.map((row) => line(row, false))];
  return {
    table: {
      headerRows: head.length === 0 ? 0 : 1,
      dontBreakRows: true,
      // Less what stands between the columns.
      widths: columnShares([head, ...rows], columns).map((share) => share * (WIDE.A4 - 8 * columns)),
      body: body.length === 0 ? [line([], false)] : body,
    },
    layout: { hLineColor: () => colours.line, vLineColor: () => colours.line, hLineWidth: () => 0.5, vLineWidth: () => 0 },
    margin: [0, 0, 0, 10],
  };
}
