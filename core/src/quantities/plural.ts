/**
 * "dish" to "dishes"; enough for the words that units and plants have.
 * @param word in the singular
 * @returns the plural
 * @example plural('dish') // 'dishes'
 */
export function plural(word: string): string {
  if (/(s|x|z|ch|sh|ato)$/.test(word)) return `${word}es`;
  if (/[^aeiou]y$/.test(word)) return `${word.slice(0, -1)}ies`;
  if (/(lea|shel|loa)f$/.test(word)) return `${word.slice(0, -1)}ves`;
  return `${word}s`;
}

/**
 * A number with its word.
 * @param count whole
 * @param word in the singular
 * @returns the word in the number that it needs
 * @example counted(1, 'dish') // '1 dish'
 */
export function counted(count: number, word: string): string {
  return `${count} ${count === 1 ? word : plural(word)}`;
}

/**
 * "dishes" to "dish".
 * @param word in the plural or the singular
 * @returns the singular; a word that is none of the usual plurals stays
 * @example singular('tomatoes') // 'tomato'
 */
export function singular(word: string): string {
  if (/(sse|xe|ze|che|she|atoe)s$/.test(word)) return word.slice(0, -2);
  if (/[^aeiou]ies$/.test(word)) return `${word.slice(0, -3)}y`;
  if (/(lea|shel|loa)ves$/.test(word)) return `${word.slice(0, -3)}f`;
  return /([^sui]|[^aeo]i)s$/.test(word) ? word.slice(0, -1) : word;
}

/** Names that people use of many and of one alike. */
const uncounted = new Set('cress lettuce basil spinach maize mint sage rice barley wheat grass corn'.split(' '));

/**
 * A plant's name as it is used of several of them.
 * @param word in the singular or the plural
 * @returns the plural; a name that is not counted stays
 * @example many('lettuce') // 'lettuce'
 */
export function many(word: string): string {
  const last = word.split(' ').at(-1) ?? '';
  return uncounted.has(last) ? word : plural(singular(word));
}
