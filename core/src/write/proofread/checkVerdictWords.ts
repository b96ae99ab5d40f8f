import type { MeasureResult } from '../../weigh/Result';
import { weightOf } from '../../words/weigh/headline';
import type { Hint } from './checkNumbers';
import { hintWords } from '../../words/write/hintWords';

type Code = MeasureResult['verdict']['code'];

/** Words that claim more, or other, than a verdict says. */
const claims: readonly { readonly words: RegExp; readonly fits: readonly Code[]; readonly says: string }[] = [
  {
    words: /\b(prov(?:e|es|ed|en|ing)|proof|definitely|certainly|without (?:any )?doubt|guarantee[ds]?)\b/gi,
    fits: [],
    says: 'One experiment can’t prove it. Try “supports” or “in these conditions”.',
  },
  {
    words:
      /\b(no effect|no difference|no change|does nothing|did nothing|do(?:es)? not (?:work|matter|help)|did not (?:work|matter|help)|(?:doesn|didn)['’]t (?:work|matter|help)|makes? no difference|made no difference|useless)\b/gi,
    fits: ['no-difference-that-matters'],
    says: 'Not finding a difference doesn’t mean there isn’t one.',
  },
  {
    words:
      /(?<!not |n't |n’t |whether (?:it|this) |if (?:it|this) )\b(works|worked|was (?:a )?success|is effective|was effective|helps|helped)\b/gi,
    fits: ['supported'],
    says: '',
  },
  { words: /(?<!not |in)\bsignificant(?:ly)?\b/gi, fits: ['supported', 'small', 'opposite'], says: '' },
];

/**
 * Words about the outcome that the verdict does not bear out.
 * @param sentence of the writer
 * @param row the measure that decides
 * @returns a doubt a word
 */
export function checkVerdictWords(sentence: string, { verdict: { code } }: MeasureResult): Hint[] {
  const [, name] = weightOf(code);
  return claims.flatMap(({ words, fits, says }) =>
    fits.includes(code)
      ? []
      : [...sentence.matchAll(words)].map((match) => ({
          from: match.index,
          to: match.index + match[0].length,
          says: hintWords.verdict(says, name),
        })),
  );
}
