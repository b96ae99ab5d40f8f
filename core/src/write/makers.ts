import type { Sentence } from '../model/Sentence';
import type { Picture } from '../weigh/picture/Picture';
import type { Block, TableBlock } from './Block';

/** Short makers for the blocks of a report. */
export const headingBlock = (text: string, level: 1 | 2 | 3 = 2): Block => ({ kind: 'heading', level, text });
export const paragraphBlock = (...text: Sentence): Block => ({ kind: 'paragraph', text });
export const listBlock = (items: readonly (string | Sentence)[], ordered = false): Block => ({
  kind: 'list',
  items: items.map((item) => (typeof item === 'string' ? [item] : item)),
  ordered,
});
export const figureBlock = (picture: Picture): Block => ({ kind: 'figure', picture, caption: `${picture.title}. ${picture.note}` });
export const listed = (block: TableBlock | null): Block[] => (block ? [block] : []);

/** A heading over what there is; nothing where there is nothing. */
export const section = (title: string, blocks: readonly Block[], level: 2 | 3 = 2): Block[] =>
  blocks.length === 0 ? [] : [headingBlock(title, level), ...blocks];

/** As a sentence, whether or not the writer ended it. */
export const stopped = (text: string) => (/[.!?…:]$/.test(text.trim()) ? text.trim() : `${text.trim()}.`);
