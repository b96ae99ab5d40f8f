import type { Block, Picture } from '@fern/core';

/** A picture as dots, with its size as it is shown. */
export interface Drawn {
  readonly png: Uint8Array;
  readonly width: number;
  readonly height: number;
}

/** What a report is made into a file from. No renderer knows an experiment. */
export interface Materials {
  readonly title: string;
  readonly blocks: readonly Block[];
  readonly paper: 'A4' | 'Letter';
  /** All of it is to stand on one page. */
  readonly compact?: boolean;
  readonly draw: (picture: Picture) => Promise<Drawn>;
  /** The picture of a photo, a JPEG; null where it cannot be had. */
  readonly photo: (file: string) => Promise<Uint8Array | null>;
  /** Told the share done, from 0 to 1. */
  readonly onProgress?: (share: number) => void;
}

/** How a picture that cannot be had is told of. */
export const missing = (caption: string) => `(The picture is missing.) ${caption}`;

/**
 * Makes each block in turn and tells how far it has come.
 * @param make what one block becomes
 * @returns all of them in order
 */
export async function eachBlock<Made>(
  { blocks, onProgress }: Materials,
  make: (block: Block) => Promise<readonly Made[]>,
): Promise<Made[]> {
  const made: Made[] = [];
  for (const [i, block] of blocks.entries()) {
    made.push(...(await make(block)));
    onProgress?.((i + 1) / blocks.length);
  }
  return made;
}

/** What a JPEG begins with. */
const JPEG = [0xff, 0xd8, 0xff];

/**
 * The picture of a photo, where there is one that can be shown.
 * @param file its name
 * @returns null where it cannot be had, or is no JPEG
 */
export async function photoOf({ photo }: Materials, file: string): Promise<Uint8Array | null> {
  const data = await photo(file);
  return data !== null && JPEG.every((byte, i) => data[i] === byte) ? data : null;
}
