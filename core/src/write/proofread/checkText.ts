import { primaryOf, type Study } from '../../model';
import type { Result } from '../../weigh/Result';
import { checkDates } from './checkDates';
import { checkNumbers, type Hint } from './checkNumbers';
import { checkVerdictWords } from './checkVerdictWords';
import { knownNumbers } from './knownNumbers';

const REFERENCE = /\{=[^{}\s]+\}/g;

/**
 * Looks through the writer's text for numbers, dates and words that the data do not bear out. A hint, never a bar.
 * @returns looks through a text: doubts with their places in it, in order
 */
export function textCheck(study: Study, result: Result): (text: string) => Hint[] {
  const known = knownNumbers(study, result);
  const primary = primaryOf(result.measures);
  return (text) => {
    const plain = text.replace(REFERENCE, (match) => ' '.repeat(match.length));
    return sentencesOf(plain)
      .flatMap(({ from, words }) =>
        [...checkNumbers(words, study, known), ...checkDates(words, study), ...(primary ? checkVerdictWords(words, primary) : [])].map(
          (doubt) => ({
            ...doubt,
            from: doubt.from + from,
            to: doubt.to + from,
          }),
        ),
      )
      .sort((a, b) => a.from - b.from);
  };
}

function sentencesOf(text: string): { from: number; words: string }[] {
  return [...text.matchAll(/[^\n]+?(?:[.!?](?=\s|$)|(?=\n)|$)/g)].map((match) => ({ from: match.index, words: match[0] }));
}
