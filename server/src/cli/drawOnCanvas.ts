import { createCanvas, GlobalFonts } from '@napi-rs/canvas';
import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import type { Picture } from '@fern/core';
import type { Drawn, PdfFonts } from '@fern/paper/files';
import { drawPicture, registerCharts } from '@fern/paper/pictures';

const WIDTH = 760;
const SHARP = 2;
const find = createRequire(import.meta.url).resolve;
const letters = (name: string) => find(`@fontsource/${name}`);

const atkinson = (weight: string) => letters(`atkinson-hyperlegible/files/atkinson-hyperlegible-latin-${weight}.woff`);

/** The fonts of a PDF; signs that ours have not come from the one that pdfmake brings along. */
export function pdfFonts(): PdfFonts {
  const bytes = (path: string) => new Uint8Array(readFileSync(path));
  return {
    text: bytes(atkinson('400-normal')),
    bold: bytes(atkinson('700-normal')),
    italic: bytes(atkinson('400-italic')),
    head: bytes(letters('bitter/files/bitter-latin-600-normal.woff')),
    signs: bytes(find('pdfmake/fonts/Roboto/Roboto-Regular.ttf')),
  };
}

let ready = false;

/** Draws a picture without a screen, in our letters. */
export async function drawOnCanvas(picture: Picture): Promise<Drawn> {
  if (!ready) {
    for (const weight of ['400-normal', '700-normal']) GlobalFonts.registerFromPath(atkinson(weight), 'Atkinson Hyperlegible');
    registerCharts();
    ready = true;
  }
  const { canvas, width, height } = drawPicture((across, down) => createCanvas(across, down), picture, WIDTH, SHARP);
  return { png: new Uint8Array(await canvas.encode('png')), width, height };
}
