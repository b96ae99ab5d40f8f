import { itemAt } from '@fern/core';

/** Frame headers, tables and the restart interval; the one other segment that is taken is the JFIF header. */
const TAKEN = new Set([0xc0, 0xc1, 0xc2, 0xc4, 0xdb, 0xdd, 0xe0]);
const [SCAN, END] = [0xda, 0xd9];

/**
 * Whether a JPEG holds one picture and nothing beside it: no place, no camera, no second picture, nothing after its end.
 * @param bytes of a file
 * @returns false too where it is no JPEG
 * Source: ITU-T T.81 (1992), Annex B.
 */
export function isPlainJpeg(bytes: Uint8Array): boolean {
  if (bytes[0] !== 0xff || bytes[1] !== 0xd8) return false;
  let at = 2;
  while (at + 3 < bytes.length) {
    if (bytes[at] !== 0xff) return false;
    const marker = itemAt(bytes, at + 1);
    if (marker !== SCAN && !TAKEN.has(marker)) return false;
    at += 2 + itemAt(bytes, at + 2) * 256 + itemAt(bytes, at + 3);
    if (marker === SCAN) at = endOfScan(bytes, at);
    if (bytes[at + 1] === END) return bytes[at] === 0xff && at + 2 === bytes.length;
  }
  return false;
}

/** In what is coded a byte of 255 is followed by 0, or by the number of a restart; anything else is the next marker. */
function endOfScan(bytes: Uint8Array, from: number): number {
  let at = from;
  while (at + 1 < bytes.length) {
    const next = itemAt(bytes, at + 1);
    if (bytes[at] === 0xff && next !== 0 && (next < 0xd0 || next > 0xd7)) return at;
    at++;
  }
  return at;
}
