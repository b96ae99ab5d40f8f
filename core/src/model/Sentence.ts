/** A computed fact inside a sentence: where it comes from, and how it is shown. */
export interface Fact {
  /** Path in the result, such as `height.T.difference`. */
  readonly fact: string;
  readonly text: string;
}

/** A sentence of typed pieces: plain words and facts. A report inserts the facts by reference and never retypes a number. */
export type Sentence = readonly (string | Fact)[];

/**
 * A sentence of words and facts as plain text.
 * @param sentence words and facts in order
 * @returns one line
 */
export function sentenceText(sentence: Sentence): string {
  return sentence.map((piece) => (typeof piece === 'string' ? piece : piece.text)).join('');
}
