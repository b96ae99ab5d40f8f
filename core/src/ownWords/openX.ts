/**
 * Whether the X of an empty frame still stands in a text.
 * @param text a question, a hypothesis, a name
 */
export const hasOpenX = (text: string): boolean => /\bX\b/.test(text);
