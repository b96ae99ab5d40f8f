import { itemAt } from '@fern/core';
import { Context } from 'svgcanvas';
import type { Picture } from '@fern/core';
import { drawPicture } from '../pictures';

/**
 * A picture as SVG; in a browser only, whose document keeps it.
 * @param width of the picture, px
 * @returns a whole file
 */
export function pictureSvg(picture: Picture, width: number): string {
  const drawn: Context[] = [];
  drawPicture(
    (across, down) => {
      const context = new Context(across, down);
      const canvas = { width: across, height: down, style: {}, getContext: () => context };
      Object.assign(context, { canvas });
      drawn.push(context);
      return canvas;
    },
    picture,
    width,
    1,
  );
  return itemAt(drawn, 0).getSerializedSvg();
}
