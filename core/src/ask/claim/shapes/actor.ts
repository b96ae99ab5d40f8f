import { itemAt } from '../../../invariant';
import type { Token } from '../language';
import { bareSubject } from '../subject';
import { verbAt } from '../verbs';
import { tokenWords } from './Halves';

/** "You bury a peel" is burying a peel; "they are shaken" is shaken. */
export function withoutActor(tokens: readonly Token[]): { readonly actor: readonly Token[]; readonly done: readonly Token[] } {
  const words = tokenWords(tokens);
  let at = 0;
  if (/^(you|we|one|i|they|it|people)$/.test(words[0] ?? '')) at = 1;
  else if (isPlantSubject(tokens)) at = Math.max(0, verbAt(tokens));
  const actor = tokens.slice(0, at);
  while (
    /^(is|are|was|were|will|would|have|has|had|can|only|first|get|gets|being|been|just|simply|always|regularly|do)$/.test(
      words[at] ?? '',
    ) &&
    at < words.length - 1
  )
    at += 1;
  return { actor, done: tokens.slice(at) };
}

const isPlantSubject = (tokens: readonly Token[]) => {
  const at = verbAt(tokens);
  return at > 0 && /^(is|are|was|were|get|gets|have|has)$/.test(itemAt(tokens, at).word) && bareSubject(tokens.slice(0, at)).length === 0;
};
