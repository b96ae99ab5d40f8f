import { singular } from './plural';

/** Words that say nothing of plants and what is done to them. */
const SMALL = new Set(
  (
    'a an and are as at be by can do does for from how i if in into is it me my not of on or same so that the their they to we what when ' +
    'where which will with without'
  ).split(' '),
);

/**
 * Words of a text in small letters without their plural, so that "beans" is "bean".
 * @param text as typed
 * @returns in its order
 */
export function wordsOf(text: string): string[] {
  return (text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []).map(singular);
}

/**
 * Whether a word says something.
 * @param word as `wordsOf` gives it
 */
export const saysSomething = (word: string): boolean => !SMALL.has(word);
