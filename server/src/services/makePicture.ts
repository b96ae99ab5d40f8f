import { createHash } from 'node:crypto';
import pLimit from 'p-limit';
import sharp from 'sharp';
import { ProblemError } from '../ProblemError';
import { isPlainJpeg } from './plainJpeg';

/** A photo's picture as it is kept: without place or camera, no larger than a screen shows. */
export interface StoredPicture {
  readonly bytes: Uint8Array;
  /** The same for a row of many. */
  readonly small: Uint8Array;
  readonly width: number;
  readonly height: number;
  /** Digest of what was sent. */
  readonly madeFrom: string;
}

const LONGEST_SIDE = 1600;
const SMALL_SIDE = 400;
const MOST_PIXELS = 100_000_000;
const formats = { jpeg: 'jpg', png: 'png', webp: 'webp' } as const;

// Nothing is opened but these: a drawing can hold a script, and odd formats have been ways in.
sharp.block({ operation: ['VipsForeignLoad'] });
/** How drawings are opened: the demo's own alone, while nobody can send one yet. */
const drawing = { operation: ['VipsForeignLoadSvgBuffer'] };

sharp.unblock({ operation: ['VipsForeignLoadJpegBuffer', 'VipsForeignLoadPngBuffer', 'VipsForeignLoadWebpBuffer'] });
// The database works on the same threads.
sharp.concurrency(1);
const atOnce = pLimit(1);
/** Each waits with its bytes in memory. */
const MOST_WAITING = 20;

/**
 * Takes in a photo: turned upright, made smaller where it is large, and without anything but the picture. One that is so already stays as it is.
 * @param sent a JPEG, PNG or WebP
 * @throws {ProblemError} 422 where it is none of these, or broken; 429 where too many wait already
 */
export async function makePicture(sent: Uint8Array): Promise<StoredPicture> {
  if (atOnce.pendingCount >= MOST_WAITING)
    throw new ProblemError(429, 'Many photos are coming in just now. This one is sent again in a moment.');
  return atOnce(() => make(Buffer.from(sent.buffer, sent.byteOffset, sent.byteLength)));
}

async function make(sent: Buffer): Promise<StoredPicture> {
  const madeFrom = createHash('sha256').update(sent).digest('hex');
  const open = (limitInputPixels: number | false) => sharp(sent, { limitInputPixels, failOn: 'error' });
  const head =
    sent.length === 0
      ? null
      : await open(false)
          .metadata()
          .catch(() => null);
  if (head === null || !(head.format in formats)) throw refused('This is not a photo that can be opened. Send a JPEG, PNG or WebP.');
  if (head.width * head.height > MOST_PIXELS) throw refused('This photo has more than 100 million pixels. Send a smaller one.');
  try {
    const whole = open(MOST_PIXELS)
      .autoOrient()
      .flatten({ background: '#fff' })
      .resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 82 });
    const { data, info } = await whole.toBuffer({ resolveWithObject: true });
    const small = await sharp(data)
      .resize({ width: SMALL_SIDE, height: SMALL_SIDE, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 75 })
      .toBuffer();
    const isAsKept = Math.max(head.width, head.height) <= LONGEST_SIDE && isPlainJpeg(sent);
    return { bytes: isAsKept ? sent : data, small, width: info.width, height: info.height, madeFrom };
  } catch {
    throw refused('This photo is broken: it cannot be read to its end. Take it again, or send another copy.');
  }
}

/**
 * The pictures of photos that were drawn here.
 * @param drawings SVG by the name of the file
 */
export async function drawPictures(drawings: ReadonlyMap<string, string>): Promise<Map<string, StoredPicture>> {
  sharp.unblock(drawing);
  try {
    const pictures = new Map<string, StoredPicture>();
    for (const [file, svg] of drawings)
      pictures.set(file, await makePicture(await sharp(Buffer.from(svg)).jpeg({ quality: 82 }).toBuffer()));
    return pictures;
  } finally {
    sharp.block(drawing);
  }
}

function refused(detail: string): ProblemError {
  return new ProblemError(422, `${detail} Nothing was stored.`, [{ pointer: '/picture', detail }]);
}
