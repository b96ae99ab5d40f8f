const format = new Intl.NumberFormat('en-GB', { maximumSignificantDigits: 3 });

/**
 * How many times as much.
 * @param ratio above 0
 * @returns three figures at the most
 * @example timesWords(4 / 3) // '1.33 times'
 */
export const timesWords = (ratio: number): string => `${format.format(ratio)} times`;
