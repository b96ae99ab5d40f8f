/**
 * What began a line, as it stands inside a sentence; what is written in capitals, as pH or EC, stays.
 * @example insideSentence('Head mass') // 'head mass'
 */
export const insideSentence = (text: string): string =>
  /^\p{Lu}\p{Ll}/u.test(text) ? `${text.charAt(0).toLowerCase()}${text.slice(1)}` : text;
