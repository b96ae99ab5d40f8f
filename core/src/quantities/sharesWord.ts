import { saysSomething, wordsOf } from './wordsOf';

const FEWEST = 3;
/** In every sentence about plants. */
const COMMON = new Set(['seed', 'plant', 'given', 'grow', 'day']);
/** Words with the same beginning are the same: "turned" and "turn", "rooted" and "roots". */
const BEGINNING = 5;
const FEWEST_ALIKE = 4;

/**
 * Whether two texts speak of the same, by any telling word.
 * @param a as typed
 * @param b as typed
 */
export function sharesWord(a: string, b: string): boolean {
  const [own, other] = [tellingWords(a), tellingWords(b)];
  return own.some((word) => other.some((second) => isSame(word, second)));
}

function isSame(word: string, other: string): boolean {
  const [one, two] = [word.slice(0, BEGINNING), other.slice(0, BEGINNING)];
  return word === other || (Math.min(one.length, two.length) >= FEWEST_ALIKE && (one.startsWith(two) || two.startsWith(one)));
}

const tellingWords = (text: string) => wordsOf(text).filter((word) => word.length >= FEWEST && saysSomething(word) && !COMMON.has(word));
