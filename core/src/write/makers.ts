import type { Sentence } from '../model/Sentence';
import type { Block } from './Block';

/** Short makers for the blocks of a report. */
export const heading = (text: string, level: 1 | 2 | 3 = 2): Block => ({ kind: 'heading', level, text });
export const paragraph = (...text: Sentence): Block => ({ kind: 'paragraph', text });
export const list = (items: readonly (string | Sentence)[], ordered = false): Block => ({
  kind: 'list',
  items: items.map((item) => (typeof item === 'string' ? [item] : item)),
  ordered,
});

export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
