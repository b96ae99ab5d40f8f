import { escape } from 'lodash-es';
import { textWidth } from './textWidth';

/** A file with one of these cannot be read. */
const FORBIDDEN = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]/g;

export const escaped = (text: string): string => escape(text.replace(FORBIDDEN, ''));

/** A length in mm with what a printer can still draw. */
export const mm = (value: number): string => String(Number(value.toFixed(3)));

const SMALLEST = 1.7;

/**
 * A text on one line, or broken between words into two where one would be small.
 * @param text without line ends
 * @param room mm
 * @param size mm
 * @param weight of the letters
 */
export function broken(text: string, room: number, size: number, weight: number): string[] {
  if (textWidth(text, weight) * size <= room || !text.trim().includes(' ')) return [text];
  const words = text.split(' ');
  const ways = words.slice(1).map((_, i) => [words.slice(0, i + 1).join(' '), words.slice(i + 1).join(' ')]);
  const longest = (lines: readonly string[]) => Math.max(...lines.map((line) => textWidth(line, weight)));
  return ways.reduce((best, way) => (longest(way) < longest(best) ? way : best));
}

export interface TextLine {
  readonly x: number;
  readonly y: number;
  readonly room: number;
  readonly size: number;
  readonly text: string;
  readonly weight?: number;
  readonly mono?: boolean;
  readonly middle?: boolean;
}

/** A line of text that fits its room: smaller first, then cut with three dots. */
export function textLine({ x, y, room, size, text, weight = 400, mono = false, middle = false }: TextLine): string {
  if (text === '') return '';
  const widest = room / Math.max(SMALLEST, Math.min(size, room / textWidth(text, weight, mono)));
  const fits = room / widest;
  const letters = [...text];
  let shown = text;
  while (textWidth(shown, weight, mono) > widest + 1e-6 && letters.length > 1) {
    letters.pop();
    shown = `${letters.join('')}…`;
  }
  const family = mono ? "'IBM Plex Mono', monospace" : "'Atkinson Hyperlegible', sans-serif";
  return `<text x="${mm(x)}" y="${mm(y)}" font-size="${mm(fits)}" font-weight="${weight}" font-family="${family}"${middle ? ' text-anchor="middle"' : ''}>${escaped(shown)}</text>`;
}
