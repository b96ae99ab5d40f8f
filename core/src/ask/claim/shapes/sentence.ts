import { itemAt } from '../../../invariant';
import type { Token } from '../language';
import { namesPlant } from '../plantWords';
import { bareSubject, treatmentInSubject } from '../subject';
import { isPlantVerb, verbAt } from '../verbs';
import { adjunctOf } from './adjunct';
import { tokenWords, type Halves } from './Halves';

/** "You can double your crop by pinching out", "Roses are protected from aphids by garlic". */
export function byDoing(tokens: readonly Token[]): Halves | null {
  const words = tokenWords(tokens);
  const at = words.findIndex(
    (word, i) =>
      i > 1 &&
      word === 'by' &&
      !/^(a|an|half|about|up|\d.*|day|one|two|three|at|far|itself)$/.test(words[i + 1] ?? 'a') &&
      (itemAt(tokens, i + 1).tags.has('Gerund') || words.slice(0, i).some((own) => /^(is|are|be|can|get|gets)$/.test(own))),
  );
  if (at < 0 || verbAt(tokens.slice(0, at)) < 0) return null;
  // "Beans fed by hand grow": what comes after the way is the claim.
  return { done: tokens.slice(at + 1), effect: tokens.slice(0, at) };
}

/** "Chilli seeds need 28 °C to come up", "Mint likes wet feet". */
export function needed(tokens: readonly Token[]): Halves | null {
  const at = verbAt(tokens);
  if (
    at < 0 ||
    !/^(needs?|likes?|loves?|prefers?|wants?|hates?|requires?)$/.test(itemAt(tokens, at).word) ||
    bareSubject(tokens.slice(0, at)).length > 0
  )
    return null;
  const words = tokenWords(tokens);
  if (at + 1 >= tokens.length) return null;
  const end = words.findIndex(
    (word, i) => i > at + 1 && (/^(to|for|if|so|before|because)$/.test(word) || itemAt(tokens, i - 1).pause !== ''),
  );
  let last = end < 0 ? tokens.length : end;
  // "Likes wool more than soil": how much is no part of what it likes.
  while (last > at + 2 && /^(more|better|best|most|less)$/.test(words[last - 1] ?? '')) last -= 1;
  return { done: tokens.slice(at + 1, last), effect: [...tokens.slice(0, at + 1), ...tokens.slice(last)], mayBePlant: true };
}

const OF_VERB =
  /^(negatively|positively|significantly|greatly|really|often|always|never|usually|slightly|badly|strongly|clearly|definitely|easily|quickly|also|both|never|rarely|hardly|seriously|only)$/;

/** "Coffee grounds make tomatoes ripen", "Beans sown at full moon come up". */
export function subjectAndVerb(tokens: readonly Token[]): Halves | null {
  const at = verbAt(tokens);
  if (at < 1) return null;
  // "Loud music negatively affects": the adverb belongs to the verb.
  const from = at > 1 && OF_VERB.test(itemAt(tokens, at - 1).word) ? at - 1 : at;
  const [subject, predicate] = [tokens.slice(0, from), tokens.slice(from)];
  const inSubject = treatmentInSubject(subject, predicate);
  if (inSubject) return { done: inSubject.done, effect: [...inSubject.plant, ...predicate] };
  const verb = itemAt(predicate, 0);
  // "Daffodils kill tulips": one plant acts on another.
  if (
    (!isPlantVerb(verb) || /^ripens?$/.test(verb.word)) &&
    subject.some(({ word }) => namesPlant(word)) &&
    predicate.some(({ word }) => namesPlant(word))
  )
    return { done: subject, effect: predicate, mayBePlant: true };
  const adjunct = adjunctOf(predicate);
  return adjunct ? { done: adjunct.done, effect: [...subject, ...adjunct.effect] } : null;
}
