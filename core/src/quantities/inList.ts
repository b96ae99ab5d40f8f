const format = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/**
 * Words as a list in a sentence.
 * @param words in their order
 * @returns empty for none
 * @example inList(['clay', 'felt', 'plastic']) // 'clay, felt and plastic'
 */
export function inList(words: readonly string[]): string {
  return format.format(words);
}
