import { itemAt } from '../../invariant';
import { textOfTokens, type Token } from './language';
import { tokenWords } from './shapes/Halves';
import { verbAt } from './verbs';

/** "Does honey help …?", "Why do tomatoes taste …?" as a statement. */
export function withoutQuestion(tokens: readonly Token[]): readonly Token[] {
  const words = tokenWords(tokens);
  let at = 0;
  if (/^(why|how|when)$/.test(words[0] ?? '') && /^(do|does|did|will|would|is|are|can)$/.test(words[1] ?? '')) at = 2;
  else if (words[0] === 'how' && /^(much|many|far|long)$/.test(words[1] ?? ''))
    at = words.findIndex((word) => /^(do|does|will|would)$/.test(word)) + 1;
  else if (
    /^(do|does|did|will|would|can|could|should|shall|is|are|has|have|might|may)$/.test(words[0] ?? '') &&
    words.length > 2 &&
    !/^not$/.test(words[1] ?? '')
  )
    at = 1;
  if (/^(i|we|you)$/.test(words[at] ?? '') && at > 0) at += 1;
  // "Are plants that are fed bushier?": the verb goes back before what is said of them.
  if (at === 1 && /^(is|are)$/.test(words[0] ?? '')) {
    const said = tokens.findIndex(
      ({ tags, word }, i) => i > 1 && (tags.has('Comparative') || /^(better|worse|best|bad|good|bushier)$/.test(word)),
    );
    if (said > 1) return [...tokens.slice(1, said), itemAt(tokens, 0), ...tokens.slice(said)];
  }
  return tokens.slice(at);
}

/** "In water or in mix?": the first is done, the second compared. */
export function eitherOr(tokens: readonly Token[]): { comparison: string; rest: readonly Token[] } | null {
  const words = tokenWords(tokens);
  const at = words.indexOf('or');
  if (
    at < 1 ||
    !/^(do|does|will|would|is|are|which|should|what|can|root|grow)$/.test(words[0] ?? '') ||
    /^(not|no)$/.test(words[at + 1] ?? 'no')
  )
    return null;
  let end = at + 1;
  while (
    end < tokens.length &&
    !(
      end > at + 1 &&
      (verbAt([itemAt(tokens, at), ...tokens.slice(end)]) === 1 ||
        /^(better|for|faster|best|more|sooner|taller|heavier)$/.test(words[end] ?? ''))
    )
  )
    end += 1;
  const second = tokens.slice(at + 1, end);
  const bare = /^(in|with|under|on|by|from|at)$/.test(itemAt(second, 0).word) && second.length > 1 ? second.slice(1) : second;
  return { comparison: textOfTokens(bare), rest: [...tokens.slice(0, at), ...tokens.slice(end)] };
}
