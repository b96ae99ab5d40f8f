import type { Sentence } from '../model/Sentence';
import type { Picture } from '../weigh/picture/Picture';
import type { Block, Table } from './Block';

/** Short makers for the blocks of a report. */
export const heading = (text: string, level: 1 | 2 | 3 = 2): Block => ({ kind: 'heading', level, text });
export const paragraph = (...text: Sentence): Block => ({ kind: 'paragraph', text });
export const list = (items: readonly (string | Sentence)[], ordered = false): Block => ({
  kind: 'list',
  items: items.map((item) => (typeof item === 'string' ? [item] : item)),
  ordered,
});
export const figure = (picture: Picture): Block => ({ kind: 'figure', picture, caption: `${picture.title}. ${picture.note}` });
export const listed = (block: Table | null): Block[] => (block ? [block] : []);

/** A heading over what there is; nothing where there is nothing. */
export const section = (title: string, blocks: readonly Block[], level: 2 | 3 = 2): Block[] =>
  blocks.length === 0 ? [] : [heading(title, level), ...blocks];

export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
/** As a sentence, whether or not the writer ended it. */
export const stopped = (text: string) => (/[.!?…:]$/.test(text.trim()) ? text.trim() : `${text.trim()}.`);
