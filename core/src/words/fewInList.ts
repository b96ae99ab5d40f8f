import { inList } from '../quantities/inList';

/**
 * Many words as a list in a sentence: so many at the most, the last of them how many more there are.
 * @param most words in the list
 * @param noun of what there is more of, in the plural; empty for none
 * @example fewInList(['P1', 'P2', 'P3', 'P4'], 3) // 'P1, P2 and 2 more'
 */
export function fewInList(words: readonly string[], most: number, noun = ''): string {
  if (words.length <= most) return inList(words);
  const more = words.length - most + 1;
  return inList([...words.slice(0, most - 1), [more, 'more', noun].join(' ').trim()]);
}
