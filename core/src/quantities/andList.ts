const format = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/**
 * Words as a list in a sentence.
 * @param words in their order
 * @returns empty for none
 * @example andList(['3 up', '2 dead', '1 not yet']) // '3 up, 2 dead and 1 not yet'
 */
export function andList(words: readonly string[]): string {
  return format.format(words);
}
