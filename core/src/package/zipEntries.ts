import { tupleOf } from '../invariant';
import crc32 from 'crc-32';
import { Inflate } from 'fflate';

/** One file of a zip, as its directory describes it. */
export interface ZipEntry {
  readonly name: string;
  /** Bytes as they come out, by the directory's word. */
  readonly size: number;
  readonly read: () => Uint8Array;
}

const END = 0x06054b50;
const ENTRY = 0x02014b50;
const LOCAL = 0x04034b50;
const LONGEST_COMMENT = 65_535;

/** A zip that is not what it says. */
export class ZipError extends Error {}

/**
 * The files of a zip. Nothing is unpacked before `read`, which counts the bytes as they come out and stops at the size that was said, then
 * checks their checksum: a flipped bit, a cut end or a false size is an error and never other data.
 * @param bytes of the whole file
 * @returns in the order of the directory
 * @throws {ZipError} where the directory is damaged, here or while reading
 * Source: PKWARE, APPNOTE.TXT 6.3.10, sections 4.3.7, 4.3.12 and 4.3.16.
 */
export function zipEntries(bytes: Uint8Array): ZipEntry[] {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const end = endOfDirectory(view);
  const count = view.getUint16(end + 10, true);
  let at = view.getUint32(end + 16, true);
  const entries: ZipEntry[] = [];
  for (let i = 0; i < count; i++) {
    if (at + 46 > end || view.getUint32(at, true) !== ENTRY) throw new ZipError('its directory is damaged');
    const [named, extra, comment] = tupleOf(
      [28, 30, 32].map((field) => view.getUint16(at + field, true)),
      3,
    );
    const name = new TextDecoder().decode(bytes.subarray(at + 46, at + 46 + named));
    const packed = { method: view.getUint16(at + 10, true), bytes: view.getUint32(at + 20, true), local: view.getUint32(at + 42, true) };
    if (nameThere(bytes, view, packed.local) !== name) throw new ZipError(`${name} is not where its directory says`);
    const size = view.getUint32(at + 24, true);
    const sum = view.getUint32(at + 16, true);
    entries.push({ name, size, read: () => unpack(bytes, view, name, packed, size, sum) });
    at += 46 + named + extra + comment;
  }
  if (at !== end) throw new ZipError('its directory is damaged');
  if (new Set(entries.map(({ name }) => name)).size < count) throw new ZipError('one of its files stands twice');
  return entries;
}

function endOfDirectory(view: DataView): number {
  for (let at = view.byteLength - 22; at >= Math.max(0, view.byteLength - 22 - LONGEST_COMMENT); at--)
    if (view.getUint32(at, true) === END && at + 22 + view.getUint16(at + 20, true) === view.byteLength) return at;
  throw new ZipError('it has no directory');
}

/** The name that stands at the file itself; null where no file begins. */
function nameThere(bytes: Uint8Array, view: DataView, local: number): string | null {
  if (local + 30 > bytes.length || view.getUint32(local, true) !== LOCAL) return null;
  return new TextDecoder().decode(bytes.subarray(local + 30, local + 30 + view.getUint16(local + 26, true)));
}

function unpack(
  bytes: Uint8Array,
  view: DataView,
  name: string,
  packed: { readonly method: number; readonly bytes: number; readonly local: number },
  size: number,
  sum: number,
): Uint8Array {
  const { local } = packed;
  const from = local + 30 + view.getUint16(local + 26, true) + view.getUint16(local + 28, true);
  if (from + packed.bytes > bytes.length) throw new ZipError(`${name} is cut short`);
  const inside = bytes.subarray(from, from + packed.bytes);
  const whole = packed.method === 0 ? inside : packed.method === 8 ? inflate(inside, name, size) : null;
  if (whole === null) throw new ZipError(`${name} is packed in a way that is not known here`);
  if (whole.length !== size || crc32.buf(whole) >>> 0 !== sum) throw new ZipError(`${name} is damaged: its checksum is wrong`);
  return whole;
}

const STEP = 16 * 1024;

function inflate(packed: Uint8Array, name: string, size: number): Uint8Array {
  const whole = new Uint8Array(size);
  let at = 0;
  const stream = new Inflate((part) => {
    if (at + part.length > size) throw new ZipError(`${name} unpacks to more than it says`);
    whole.set(part, at);
    at += part.length;
  });
  try {
    for (let from = 0; from < packed.length; from += STEP) stream.push(packed.subarray(from, from + STEP), from + STEP >= packed.length);
  } catch (error) {
    throw error instanceof ZipError ? error : new ZipError(`${name} is damaged`);
  }
  return whole.subarray(0, at);
}
