import {
  AlignmentType,
  BorderStyle,
  Document,
  Footer,
  HeadingLevel,
  ImageRun,
  LevelFormat,
  Packer,
  PageNumber,
  Paragraph,
  Table,
  TableCell,
  TableRow,
  TextRun,
  WidthType,
  type ISectionOptions,
} from 'docx';
import { sentenceText, type Block, type TableBlock as TableBlock, itemAt } from '@fern/core';
import { columnShares } from './columnShares';
import { eachBlock, missing, photoOf, type Materials } from './Materials';
import { ownParagraphs } from './ownText';

type Child = Paragraph | Table;

const headings = { 1: HeadingLevel.TITLE, 2: HeadingLevel.HEADING_1, 3: HeadingLevel.HEADING_2 } as const;
/** Twentieths of a point. */
const pages = { A4: { width: 11906, height: 16838 }, Letter: { width: 12240, height: 15840 } } as const;
const MARGIN = 1134;
/** As wide as the text, px at 96 an inch. */
const WIDE = 600;

/**
 * The report as a Word document: real headings, lists, tables with heads that repeat, captions, pictures with their words, page numbers.
 * @param materials the report, and how its pictures are drawn
 * @returns the bytes of a .docx file
 */
export async function wordFile(materials: Materials): Promise<Uint8Array> {
  let lists = 0;
  const children = await eachBlock<Child>(materials, (block) => childrenOf(block, materials, () => ++lists));
  const section: ISectionOptions = {
    properties: { page: { size: pages[materials.paper], margin: { top: MARGIN, bottom: MARGIN, left: MARGIN, right: MARGIN } } },
    footers: {
      default: new Footer({
        children: [
          new Paragraph({
            alignment: AlignmentType.CENTER,
            children: [new TextRun({ children: [PageNumber.CURRENT, ' / ', PageNumber.TOTAL_PAGES], size: 18 })],
          }),
        ],
      }),
    },
    children,
  };
  const document = new Document({
    title: materials.title,
    creator: 'Fern Test',
    styles: {
      default: {
        document: { run: { font: 'Calibri', size: 22, language: { value: 'en-GB' } }, paragraph: { spacing: { after: 120 } } },
        title: { run: { size: 44, bold: true }, paragraph: { spacing: { after: 200 } } },
        heading1: { run: { size: 30, bold: true, color: '14302A' }, paragraph: { spacing: { before: 320, after: 120 }, keepNext: true } },
        heading2: { run: { size: 24, bold: true, color: '14302A' }, paragraph: { spacing: { before: 220, after: 80 }, keepNext: true } },
      },
      paragraphStyles: [
        { id: 'Caption', name: 'caption', basedOn: 'Normal', next: 'Normal', run: { italics: true, size: 19, color: '4A615A' } },
      ],
    },
    numbering: {
      config: [
        {
          reference: 'steps',
          levels: [
            {
              level: 0,
              format: LevelFormat.DECIMAL,
              text: '%1.',
              alignment: AlignmentType.START,
              style: { paragraph: { indent: { left: 500, hanging: 360 } } },
            },
          ],
        },
      ],
    },
    sections: [section],
  });
  return new Uint8Array(await Packer.toArrayBuffer(document));
}

async function childrenOf(block: Block, materials: Materials, nextList: () => number): Promise<Child[]> {
  switch (block.kind) {
    case 'heading':
      return [new Paragraph({ heading: headings[block.level], children: [new TextRun(block.text)] })];
    case 'paragraph':
      return [new Paragraph({ children: [new TextRun(sentenceText(block.text))] })];
    case 'list': {
      const instance = nextList();
      const look = block.ordered ? { numbering: { reference: 'steps', level: 0, instance } } : { bullet: { level: 0 } };
      return block.items.map((item) => new Paragraph({ ...look, children: [new TextRun(sentenceText(item))] }));
    }
    case 'table':
      return [caption(block.caption, true), tableOf(block), new Paragraph({})];
    case 'bench':
      return [tableOf({ head: [], rows: block.rows, numbersFrom: Infinity }), caption(block.caption, false)];
    case 'figure': {
      const { png, width, height } = await materials.draw(block.picture);
      return [picture('png', png, width, height, block.picture.sentence), caption(block.caption, false)];
    }
    case 'photos': {
      const all = await Promise.all(
        block.photos.map(async (shot) => {
          const data = await photoOf(materials, shot.file);
          if (data === null) return [caption(missing(shot.caption), false)];
          return [picture('jpg', data, shot.width, shot.height, shot.caption), caption(shot.caption, false)];
        }),
      );
      return all.flat();
    }
    case 'caution':
      return [
        new Paragraph({
          border: { left: { style: BorderStyle.SINGLE, size: 24, color: 'E2A400', space: 8 } },
          children: [new TextRun({ text: 'Take care. ', bold: true }), new TextRun(block.text)],
        }),
      ];
    case 'own':
      return ownParagraphs(block).map(
        ({ label, text, open }) =>
          new Paragraph({ children: [new TextRun({ text: label, bold: true }), new TextRun({ text, italics: open })] }),
      );
  }
}

const caption = (text: string, above: boolean) => new Paragraph({ style: 'Caption', keepNext: above, children: [new TextRun(text)] });

function picture(type: 'png' | 'jpg', data: Uint8Array, width: number, height: number, words: string): Paragraph {
  const scale = Math.min(1, WIDE / width);
  return new Paragraph({
    keepNext: true,
    children: [
      new ImageRun({
        type,
        data,
        transformation: { width: Math.round(width * scale), height: Math.round(height * scale) },
        altText: { name: words.slice(0, 60), title: words.slice(0, 120), description: words },
      }),
    ],
  });
}

const line = { style: BorderStyle.SINGLE, size: 4, color: 'CBD5CB' } as const;

function tableOf({ head, rows, numbersFrom }: Pick<TableBlock, 'head' | 'rows' | 'numbersFrom'>): Table {
  const columns = Math.max(1, head.length, ...rows.map((row) => row.length));
  const room = pages.A4.width - 2 * MARGIN;
  const widths = columnShares([head, ...rows], columns).map((share) => Math.round(share * room));
  const cellsOf = (words: readonly string[], bold: boolean) =>
    Array.from(
      { length: columns },
      (_, i) =>
        new TableCell({
          width: { size: itemAt(widths, i), type: WidthType.DXA },
          margins: { top: 50, bottom: 50, left: 80, right: 80 },
          children: [
            new Paragraph({
              spacing: { after: 0 },
              alignment: i >= numbersFrom ? AlignmentType.END : AlignmentType.START,
              children: [new TextRun({ text: words[i] ?? '', bold, size: 19 })],
            }),
          ],
        }),
    );
  const body = rows.map((row) => new TableRow({ cantSplit: true, children: cellsOf(row, false) }));
  return new Table({
    width: { size: 100, type: WidthType.PERCENTAGE },
    columnWidths: widths,
    borders: { top: line, bottom: line, left: line, right: line, insideHorizontal: line, insideVertical: line },
    rows: head.length === 0 ? body : [new TableRow({ tableHeader: true, cantSplit: true, children: cellsOf(head, true) }), ...body],
  });
}
