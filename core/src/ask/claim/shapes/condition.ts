import { itemAt } from '../../../invariant';
import type { Token } from '../language';
import { isPlantVerb, verbAt } from '../verbs';
import { withoutActor } from './actor';
import { tokenWords, type Halves } from './Halves';

const CONDITION = /^(if|when|once|whenever|because|after|provided|unless)$/;

/** "If you bury a peel, it flowers", "It flowers when you bury a peel". */
export function withCondition(tokens: readonly Token[]): Halves | null {
  const words = tokenWords(tokens);
  const at = words.findIndex((word, i) => CONDITION.test(word) && (i === 0 || clauseFollows(tokens, i)));
  if (at < 0) return null;
  if (at > 0) return conditionLast(tokens, at);
  const comma = tokens.findIndex(({ pause }, i) => i > 1 && pause !== '');
  const then = words.indexOf('then');
  const next = words.findIndex(
    (word, i) =>
      i > 2 &&
      /^(it|they|you|your|the|we|there)$/.test(word) &&
      (isPlantVerbNext(tokens, i) || (/^(it|they)$/.test(word) && isPlantVerb(tokens[i + 1]))),
  );
  const end = comma > 0 && comma < tokens.length - 1 ? comma + 1 : then > 0 ? then : next;
  if (end <= 1) return null;
  const { actor, done } = withoutActor(tokens.slice(1, end));
  return { done, effect: [...actor, ...tokens.slice(words[end] === 'then' ? end + 1 : end)] };
}

/** "… if you water it with seawater? It dies": what follows a full stop is said of it again. */
function conditionLast(tokens: readonly Token[], at: number): Halves {
  const from = tokens[at + 1]?.word === 'of' ? at + 2 : at + 1;
  const stop = tokens.findIndex(({ pause }, i) => i > at && /[.;:?!–—]/.test(pause)) + 1 || tokens.length;
  const { actor, done } = withoutActor(tokens.slice(from, stop));
  return { done, effect: [...tokens.slice(0, at), ...actor, ...tokens.slice(stop)] };
}

const isPlantVerbNext = (tokens: readonly Token[], i: number) =>
  [1, 2, 3].some(
    (step) => isPlantVerb(tokens[i + step]) && /^(will|would|can|get|gets|grow|grows|is|are|do|does)$/.test(itemAt(tokens, i + step).word),
  );

/** A clause, not "when young" or "after two weeks". */
function clauseFollows(tokens: readonly Token[], i: number): boolean {
  if (itemAt(tokens, i).word === 'because') return true;
  const rest = tokens.slice(i + 1);
  if (
    rest.length < 2 ||
    (/^(a|an|one|two|three|four|\d+)$/.test(itemAt(rest, 0).word) && /^(days?|weeks?|months?|hours?)$/.test(itemAt(rest, 1).word))
  )
    return false;
  if (/^(after|unless)$/.test(itemAt(tokens, i).word))
    return /^(you|we|being|they|it|a|an|the)$/.test(itemAt(rest, 0).word) || itemAt(rest, 0).tags.has('Gerund');
  return (
    /^(you|we|one|they|it|your|the|a|an|i|there)$/.test(itemAt(rest, 0).word) ||
    rest.some((_, k) => k > 0 && verbAt([itemAt(tokens, i), ...rest.slice(0, k + 1)]) === k + 1) ||
    itemAt(rest, 0).tags.has('PastTense') ||
    itemAt(rest, 0).tags.has('Gerund')
  );
}
