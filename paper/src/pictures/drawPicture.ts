import { BasicPlatform, Chart, type ChartItem } from 'chart.js';
import type { Picture } from '@fern/core';
import { colours } from '../look';
import { pictureConfiguration, pictureHeight, roomAbove } from './pictureConfiguration';

/**
 * Draws a picture that stands alone on any canvas: the browser's, a worker's, or one without a screen.
 * @param canvasOf makes a canvas of so many px
 * @param width of the picture, px
 * @param scale pixels of the canvas a px of the picture
 * @returns the canvas, drawn
 */
export function drawPicture<Canvas>(
  canvasOf: (width: number, height: number) => Canvas,
  picture: Picture,
  width: number,
  scale: number,
): { readonly canvas: Canvas; readonly width: number; readonly height: number } {
  const height = pictureHeight(picture, width) + roomAbove(picture, width);
  const canvas = canvasOf(width * scale, height * scale);
  const configuration = pictureConfiguration(picture, true);
  const chart = new Chart(canvas as ChartItem, {
    ...configuration,
    platform: BasicPlatform,
    options: { ...configuration.options, responsive: false, animation: false, events: [], devicePixelRatio: scale },
    plugins: [...(configuration.plugins ?? []), paperBeneath],
  });
  chart.resize(width, height);
  chart.update();
  chart.stop();
  return { canvas, width, height };
}

const paperBeneath = {
  id: 'paperBeneath',
  beforeDraw: ({ ctx, width, height }: Chart) => {
    ctx.save();
    ctx.globalCompositeOperation = 'destination-over';
    ctx.fillStyle = colours.paper;
    ctx.fillRect(0, 0, width, height);
    ctx.restore();
  },
};
