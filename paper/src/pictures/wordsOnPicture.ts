import { entryOf } from '@fern/core';
import type { Chart, Plugin } from 'chart.js';
import type { Picture } from '@fern/core';
import { armStyle, colours } from '../look';
import { shorten } from './wrapName';

const LINE = 17;

/** Room under the axis for the numbers that stand there. */
export const roomBeneath = ({ beneath }: Picture) => (beneath ? (beneath.rows.length + 1) * LINE + 8 : 0);

/** Names at the ends of lines, moved apart where they would touch, and the numbers beneath the axis. */
export const wordsOnPicture = (picture: Picture): Plugin => ({
  id: 'wordsOnPicture',
  afterDatasetsDraw: (chart) => {
    const { ctx } = chart;
    ctx.save();
    ctx.textBaseline = 'middle';
    namesAtEnds(chart, picture);
    numbersBeneath(chart, picture);
    ctx.restore();
  },
});

function namesAtEnds({ ctx, scales }: Chart, picture: Picture): void {
  const [x, y] = [entryOf(scales, 'x'), entryOf(scales, 'y')];
  const named = picture.marks.flatMap((mark) => {
    const end = mark.kind === 'line' ? mark.points.at(-1) : undefined;
    if (mark.kind !== 'line' || mark.words === undefined || end === undefined) return [];
    const colour = mark.series === null ? colours.soft : armStyle(picture.series, mark.series).stroke;
    const left = x.getPixelForValue(Math.max(end.x, ...(mark.series === null ? [] : dotsOf(picture, mark.series)))) + 12;
    return [{ words: shorten(mark.words, 22), colour, left, top: y.getPixelForValue(end.y) }];
  });
  ctx.textAlign = 'left';
  ctx.font = "bold 13.5px 'Atkinson Hyperlegible', sans-serif";
  let lowest = -Infinity;
  for (const own of named.sort((a, b) => a.top - b.top)) {
    const top = Math.max(own.top, lowest + LINE);
    lowest = top;
    ctx.fillStyle = own.colour;
    ctx.fillText(own.words, own.left, top);
  }
}

/** How far right the dots of a series lie, which its name must not cover. */
const dotsOf = ({ marks }: Picture, series: string) =>
  marks.flatMap((mark) => (mark.kind === 'dots' && mark.series === series ? mark.points.map(({ x }) => x) : []));

function numbersBeneath({ ctx, scales, height }: Chart, picture: Picture): void {
  const x = entryOf(scales, 'x');
  const { beneath } = picture;
  if (!beneath) return;
  const top = height - roomBeneath(picture) + LINE / 2;
  ctx.font = "13px 'Atkinson Hyperlegible', sans-serif";
  ctx.textAlign = 'left';
  ctx.fillStyle = colours.soft;
  ctx.fillText(beneath.title, x.left, top);
  beneath.rows.forEach(({ series, at }, i) => {
    const line = top + (i + 1) * LINE;
    ctx.fillStyle = armStyle(picture.series, series).stroke;
    ctx.textAlign = 'center';
    for (const { x: day, words } of at) ctx.fillText(words, x.getPixelForValue(day), line);
    ctx.textAlign = 'right';
    ctx.fillText(series.slice(0, 5), x.left - 14, line);
  });
}

/** Room to the right for names at the ends of lines. */
export const roomForNames = ({ marks }: Picture) =>
  Math.min(
    150,
    Math.max(14, ...marks.map((mark) => (mark.kind === 'line' && mark.words ? 16 + 7.4 * Math.min(21, mark.words.length) : 0))),
  );
