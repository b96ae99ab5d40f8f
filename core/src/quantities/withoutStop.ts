/**
 * A note as it stands inside a sentence.
 * @example withoutStop(' The lamp fell. ') // 'The lamp fell'
 */
export const withoutStop = (text: string): string => text.trim().replace(/\.$/, '');
