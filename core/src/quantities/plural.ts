/**
 * "dish" to "dishes"; enough for the words that units have.
 * @param word in the singular
 * @returns the plural
 * @example plural('dish') // 'dishes'
 */
export function plural(word: string): string {
  if (/(s|x|z|ch|sh)$/.test(word)) return `${word}es`;
  if (/[^aeiou]y$/.test(word)) return `${word.slice(0, -1)}ies`;
  return `${word}s`;
}
