import type { Block } from './Block';

/**
 * Numbers tables and figures in the order in which they stand, so that a reader can be sent to one.
 * @param blocks of a report
 * @returns the same with "Table 2. …", "Figure 1. …" before their captions
 */
export function numbered(blocks: readonly Block[]): Block[] {
  let tables = 0;
  let figures = 0;
  return blocks.map((block) => {
    if (block.kind === 'table') return { ...block, caption: `Table ${++tables}. ${block.caption}` };
    if (block.kind === 'figure' || block.kind === 'bench') return { ...block, caption: `Figure ${++figures}. ${block.caption}` };
    if (block.kind === 'photos')
      return { ...block, photos: block.photos.map((photo) => ({ ...photo, caption: `Figure ${++figures}. ${photo.caption}` })) };
    return block;
  });
}
