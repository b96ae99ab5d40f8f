import type { Experiment } from '../../model';
import { benchFor, shelfRows, roundOrder } from '../../study/bench/shelves';
import { pageOf } from './labelPages';
import type { PaperSize } from './LabelSheet';
import { mm, textLine } from './svg';

const MARGIN = 10;
const STRIP = 22;
const HEAD = 26;
const CELL = 26;

interface Strip {
  readonly name: string;
  readonly cells: readonly { readonly code: string; readonly arm: string }[];
}

/**
 * Strips for the shelves: each row of places as a strip to stick to the edge, with the code that stands there.
 * @param experiment a plan with its units on their places
 * @param page the paper
 * @param showsArms false where whoever reads is not to know
 * @param style CSS that goes into each page, as fonts
 * @returns a page each; empty where nothing has a place
 */
export function shelfStrips({ units, plan }: Experiment, page: PaperSize, showsArms: boolean, style = ''): string[] {
  const placed = roundOrder(units).filter(({ row, column }) => row !== null && column !== null);
  const fits = Math.floor((page.width - 2 * MARGIN - HEAD) / CELL);
  const strips = shelfRows(benchFor(plan.bench, placed)).flatMap(({ shelf, first, last }) =>
    Array.from({ length: last - first + 1 }, (_, i) => first + i).flatMap((row): Strip[] => {
      const cells = placed.filter((unit) => unit.row === row).map(({ code: unit, arm }) => ({ code: unit, arm: showsArms ? arm : '' }));
      const parts = Math.ceil(cells.length / fits);
      const name = `${shelf.name}${last > first ? `, row ${row - first + 1}` : ''}`;
      return Array.from({ length: parts }, (_, part) => ({ name, cells: cells.slice(part * fits, (part + 1) * fits) }));
    }),
  );
  const each = Math.floor((page.height - 2 * MARGIN) / (STRIP + 3));
  return Array.from({ length: Math.ceil(strips.length / each) }, (_, i) =>
    pageOf(
      page.width,
      page.height,
      strips
        .slice(i * each, (i + 1) * each)
        .map((strip, k) => drawStrip(strip, MARGIN + k * (STRIP + 3)))
        .join(''),
      style,
    ),
  );
}

function drawStrip({ name, cells }: Strip, y: number): string {
  const width = HEAD + cells.length * CELL;
  const lines = cells.map((_, i) => `M${mm(MARGIN + HEAD + i * CELL)} ${mm(y)}v${STRIP}`).join('');
  return [
    `<rect x="${MARGIN}" y="${mm(y)}" width="${mm(width)}" height="${STRIP}" fill="none" stroke="#777" stroke-width="0.2"/><path d="${lines}" stroke="#bbb" stroke-width="0.2"/>`,
    textLine({ x: MARGIN + 2, y: y + STRIP / 2 + 1.5, room: HEAD - 4, size: 4.5, text: name, weight: 700 }),
    ...cells.flatMap(({ code, arm }, i) => [
      textLine({
        x: MARGIN + HEAD + i * CELL + CELL / 2,
        y: y + (arm === '' ? STRIP / 2 + 2.5 : 10),
        room: CELL - 3,
        size: 7,
        text: code,
        weight: 700,
        mono: true,
        middle: true,
      }),
      textLine({ x: MARGIN + HEAD + i * CELL + CELL / 2, y: y + 17.5, room: CELL - 3, size: 5, text: arm, middle: true }),
    ]),
  ].join('');
}
