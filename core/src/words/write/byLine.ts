import { longDate, type Writing } from '../../model';
import type { Block } from '../../write/Block';
import { paragraphBlock } from '../../write/makers';

/** Who wrote it, of which group, and when. */
export function byLine({ names, group, date }: Writing): Block[] {
  const words = [names.trim(), group.trim(), date === null ? '' : longDate(date)].filter((word) => word !== '');
  return words.length === 0 ? [] : [paragraphBlock(words.join(' · '))];
}
