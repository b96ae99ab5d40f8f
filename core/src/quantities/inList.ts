/**
 * Words as one says them one after another.
 * @param words any number of them
 * @returns with commas, and an "and" before the last
 * @example inList(['clay', 'felt', 'plastic']) // 'clay, felt and plastic'
 */
export function inList(words: readonly string[]): string {
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
}
