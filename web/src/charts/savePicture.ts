import type { Picture } from '@fern/core';
import { saveFile } from '../components/saveText';

const WIDTH = 900;

/** Its title as a file's name. */
const nameOf = ({ title }: Picture) =>
  title
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60);

/** Hands a picture to the person as dots, with its title and its key in it, sharp enough for paper. */
export async function savePng(picture: Picture): Promise<void> {
  const { drawPicture, registerCharts } = await import('@fern/paper/pictures');
  registerCharts();
  const canvasOf = (width: number, height: number) => Object.assign(document.createElement('canvas'), { width, height });
  const { canvas } = drawPicture(canvasOf, picture, WIDTH, 2);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (blob) saveFile(blob, `${nameOf(picture)}.png`);
}

/** The same as lines, for whoever draws on. */
export async function saveSvg(picture: Picture): Promise<void> {
  const { registerCharts } = await import('@fern/paper/pictures');
  const { pictureSvg } = await import('@fern/paper/svg');
  registerCharts();
  saveFile(new Blob([pictureSvg(picture, WIDTH)], { type: 'image/svg+xml' }), `${nameOf(picture)}.svg`);
}
