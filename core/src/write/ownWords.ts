import { itemAt } from '../invariant';
import type { Fact, Sentence } from '../model/Sentence';

/** A fact of the study inside typed words: `{=height.T.mean}`. */
const REFERENCE = /\{=([^{}\s]+)\}/g;

/** What stands where a fact is no longer there, as when its arm was taken away. */
const GONE = '(no longer in the data)';

/**
 * The reference to a fact as it stands in the writer's text.
 * @param fact its path
 * @returns `{=height.T.mean}`
 */
export const factReference = (fact: string) => `{=${fact}}`;

/**
 * The writer's text as sentences, with the facts that it refers to as they are now.
 * @param text as typed, a paragraph a line
 * @param facts of the study by their paths
 * @returns a sentence a line; lines without a word are left out
 */
export function ownLines(text: string, facts: ReadonlyMap<string, string>): Sentence[] {
  return text
    .split('\n')
    .map((line) => line.trimEnd())
    .filter((line) => line.trim() !== '')
    .map((line) => pieces(line, facts));
}

function pieces(line: string, facts: ReadonlyMap<string, string>): Sentence {
  const found: (string | Fact)[] = [];
  let from = 0;
  for (const match of line.matchAll(REFERENCE)) {
    if (match.index > from) found.push(line.slice(from, match.index));
    found.push({ fact: itemAt(match, 1), text: facts.get(itemAt(match, 1)) ?? GONE });
    from = match.index + match[0].length;
  }
  if (from < line.length) found.push(line.slice(from));
  return found;
}
