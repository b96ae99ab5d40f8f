import { create } from 'qrcode';

const QUIET = 4;

/**
 * A QR code as one path of squares, with its quiet zone of four modules (ISO/IEC 18004).
 * @param text what it says
 * @param x left edge, mm
 * @param y upper edge, mm
 * @param size edge with the quiet zone, mm
 * @returns an SVG element
 */
export function qrCode(text: string, x: number, y: number, size: number): string {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const count = modules.size;
  let path = '';
  for (let row = 0; row < count; row++)
    for (let column = 0; column < count; column++) {
      if (!modules.data[row * count + column]) continue;
      let run = 1;
      while (column + run < count && modules.data[row * count + column + run]) run++;
      path += `M${column + QUIET} ${row + QUIET}h${run}v1h-${run}z`;
      column += run;
    }
  const scale = size / (count + 2 * QUIET);
  return `<g transform="translate(${x.toFixed(3)} ${y.toFixed(3)}) scale(${scale.toFixed(5)})"><rect width="${count + 2 * QUIET}" height="${count + 2 * QUIET}" fill="#fff"/><path d="${path}" fill="#000" shape-rendering="crispEdges"/></g>`;
}
