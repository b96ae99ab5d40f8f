import { tupleOf } from '@fern/core';
import { expose } from 'comlink';
import pdfmake from 'pdfmake/build/pdfmake';
import type { Block, Picture, ReadingsTable } from '@fern/core';
import { htmlFile, pdfFile, sheetsFile, wordFile, type Drawn, type Materials, type PdfFonts, type PdfMaker } from '@fern/paper/files';
import { drawPicture, registerCharts } from '@fern/paper/pictures';
import text from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-normal.woff?url';
import bold from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-700-normal.woff?url';
import italic from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-italic.woff?url';
import head from '@fontsource/bitter/files/bitter-latin-600-normal.woff?url';
import signs from 'pdfmake/fonts/Roboto/Roboto-Regular.ttf?url';

const WIDTH = 760;
const SHARP = 2;

/** What is asked for: which file, of what. */
export interface ReportWanted {
  readonly ending: 'docx' | 'pdf' | 'html';
  readonly title: string;
  readonly blocks: readonly Block[];
  readonly paper: Materials['paper'];
  readonly compact: boolean;
  /** Pictures of photos by their names; one that cannot be had is not there. */
  readonly photos: ReadonlyMap<string, Uint8Array>;
}

const bytesOf = async (address: string) => new Uint8Array(await (await fetch(address)).arrayBuffer());
let ready: Promise<void> | null = null;

/** The canvas of a worker has no letters of the page: it loads its own. */
async function prepare(): Promise<void> {
  registerCharts();
  const { fonts } = self as unknown as { fonts: FontFaceSet };
  const faces = [
    new FontFace('Atkinson Hyperlegible', `url(${text})`),
    new FontFace('Atkinson Hyperlegible', `url(${bold})`, { weight: '700' }),
  ];
  for (const face of faces) fonts.add(face);
  await Promise.all(faces.map((face) => face.load().catch(() => null)));
}

async function draw(picture: Picture): Promise<Drawn> {
  ready ??= prepare();
  await ready;
  const { canvas, width, height } = drawPicture((across, down) => new OffscreenCanvas(across, down), picture, WIDTH, SHARP);
  const blob = await canvas.convertToBlob({ type: 'image/png' });
  return { png: new Uint8Array(await blob.arrayBuffer()), width, height };
}

async function pdfFonts(): Promise<PdfFonts> {
  const bytes = await Promise.all([text, bold, italic, head, signs].map(bytesOf));
  const [own, ownBold, ownItalic, ownHead, ownSigns] = tupleOf(bytes, 5);
  return { text: own, bold: ownBold, italic: ownItalic, head: ownHead, signs: ownSigns };
}

/** Makes files away from the page; it is stopped by ending the worker. */
const worker = {
  report: async ({ ending, photos, ...wanted }: ReportWanted, onProgress: (share: number) => void): Promise<Uint8Array> => {
    const materials: Materials = { ...wanted, draw, photo: async (file) => photos.get(file) ?? null, onProgress };
    if (ending === 'docx') return wordFile(materials);
    if (ending === 'html') return new TextEncoder().encode(await htmlFile(materials));
    return pdfFile(materials, pdfmake as unknown as PdfMaker, await pdfFonts());
  },
  readings: (table: ReadingsTable, title: string): Promise<Uint8Array> => sheetsFile(table, title),
};

export type ReportWorker = typeof worker;

expose(worker);
