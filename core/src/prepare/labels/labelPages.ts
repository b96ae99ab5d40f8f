import { drawLabel, drawStake } from './drawLabel';
import type { LabelText } from './labelsOf';
import { labelsPerPage, type LabelSheet } from './LabelSheet';
import { escaped, mm } from './svg';

const MARK = 4;

/**
 * Sheets of labels as pages of SVG, each page an image of its own size in mm.
 * @param labels in the order in which they are printed
 * @param sheet the sort of sheet
 * @param skip labels that are used up at the beginning of the first sheet
 * @param style CSS that goes into each page, as fonts
 * @returns a page each; empty without labels
 */
export function labelPages(labels: readonly LabelText[], sheet: LabelSheet, skip = 0, style = ''): string[] {
  const each = labelsPerPage(sheet);
  const places: (LabelText | null)[] = [...Array.from({ length: skip % each }, () => null), ...labels];
  if (labels.length === 0) return [];
  return Array.from({ length: Math.ceil(places.length / each) }, (_, page) =>
    drawPage(places.slice(page * each, (page + 1) * each), sheet, style),
  );
}

function drawPage(places: readonly (LabelText | null)[], sheet: LabelSheet, style: string): string {
  const draw = sheet.shape === 'stake' ? drawStake : drawLabel;
  const drawn = places.map((label, i) => {
    if (label === null) return '';
    const [column, row] = [i % sheet.columns, Math.floor(i / sheet.columns)];
    return draw(label, sheet.left + column * sheet.across, sheet.top + row * sheet.down, sheet);
  });
  const marks = sheet.isCut && sheet.shape === 'label' ? cutMarks(sheet) : '';
  return pageOf(sheet.page.width, sheet.page.height, `${marks}${drawn.join('')}`, style);
}

export function pageOf(width: number, height: number, content: string, style: string): string {
  const css = style === '' ? '' : `<style>${escaped(style)}</style>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(width)}mm" height="${mm(height)}mm" viewBox="0 0 ${mm(width)} ${mm(height)}">${css}<rect width="100%" height="100%" fill="#fff"/>${content}</svg>`;
}

/** Short lines at the edge of the block of labels, where the knife goes. */
function cutMarks({ columns, rows, left, top, across, down, width, height }: LabelSheet): string {
  const [right, bottom] = [left + (columns - 1) * across + width, top + (rows - 1) * down + height];
  const line = (x1: number, y1: number, x2: number, y2: number) => `M${mm(x1)} ${mm(y1)}L${mm(x2)} ${mm(y2)}`;
  const xs = Array.from({ length: columns + 1 }, (_, i) => left + i * across);
  const ys = Array.from({ length: rows + 1 }, (_, i) => top + i * down);
  const path = [
    ...xs.flatMap((x) => [line(x, top - MARK, x, top - 1), line(x, bottom + 1, x, bottom + MARK)]),
    ...ys.flatMap((y) => [line(left - MARK, y, left - 1, y), line(right + 1, y, right + MARK, y)]),
  ].join('');
  const grid = [...xs.slice(1, -1).map((x) => line(x, top, x, bottom)), ...ys.slice(1, -1).map((y) => line(left, y, right, y))].join('');
  return `<path d="${path}" stroke="#000" stroke-width="0.25"/><path d="${grid}" stroke="#bbb" stroke-width="0.1"/>`;
}
