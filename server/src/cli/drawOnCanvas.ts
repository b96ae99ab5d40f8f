import { createCanvas, GlobalFonts } from '@napi-rs/canvas';
import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import type { Picture } from '@fern/core';
import type { Drawn, PdfFonts } from '@fern/paper/files';
import { drawPicture, registerCharts } from '@fern/paper/pictures';

const WIDTH = 760;
const SHARP = 2;
const require = createRequire(import.meta.url);
const atkinson = {
  text: require.resolve('@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-normal.woff'),
  bold: require.resolve('@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-700-normal.woff'),
  italic: require.resolve('@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-italic.woff'),
};
const bitter = require.resolve('@fontsource/bitter/files/bitter-latin-600-normal.woff');
const roboto = require.resolve('pdfmake/fonts/Roboto/Roboto-Regular.ttf');

/** The fonts of a PDF; signs that ours have not come from the one that pdfmake brings along. */
export function pdfFonts(): PdfFonts {
  const bytes = (path: string) => new Uint8Array(readFileSync(path));
  const { text, bold, italic } = atkinson;
  return { text: bytes(text), bold: bytes(bold), italic: bytes(italic), head: bytes(bitter), signs: bytes(roboto) };
}

let ready = false;

/** Draws a picture without a screen, in our letters. */
export async function drawOnCanvas(picture: Picture): Promise<Drawn> {
  if (!ready) {
    for (const path of [atkinson.text, atkinson.bold]) GlobalFonts.registerFromPath(path, 'Atkinson Hyperlegible');
    registerCharts();
    ready = true;
  }
  const { canvas, width, height } = drawPicture((across, down) => createCanvas(across, down), picture, WIDTH, SHARP);
  return { png: new Uint8Array(await canvas.encode('png')), width, height };
}
