import { memoize } from 'lodash-es';
import pluralize from 'pluralize';

/** Names that people use of many and of one alike. */
const uncounted = 'cress lettuce basil spinach maize mint sage barley grass corn tagetes arabidopsis';
for (const name of uncounted.split(' ')) pluralize.addUncountableRule(name);

/**
 * A word of several.
 * @param word in the singular or the plural
 * @returns the plural; a name that is not counted stays
 * @example plural('dish') // 'dishes'
 */
export const plural: (word: string) => string = memoize((word: string) => (word === '' ? '' : pluralize.plural(word)));

/**
 * A number with its word.
 * @param count whole
 * @param word in the singular
 * @returns the word in the number that it needs
 * @example counted(1, 'dish') // '1 dish'
 */
export const counted = (count: number, word: string): string => `${count} ${count === 1 ? singular(word) : plural(word)}`;

/**
 * A word of one.
 * @param word in the plural or the singular
 * @returns the singular
 * @example singular('tomatoes') // 'tomato'
 */
export const singular: (word: string) => string = memoize((word: string) => pluralize.singular(word));
