import { itemAt } from '../../invariant';
import type { Token } from './language';
import { BESIDE, isPlantWord, namesPlant, STUFF } from './plantWords';
import { isPlantVerb } from './verbs';

/** What stands in a subject beside the plant and little words. */
export function bareSubject(subject: readonly Token[]): Token[] {
  return subject.filter(({ word }) => !BESIDE.test(word) && !isPlantWord(word));
}

/** It names a plant and nothing that is done to it. */
export function plantHeads(tokens: readonly Token[]): boolean {
  return bareSubject(tokens).length === 0;
}

const BETWEEN = /^(next|beside|near|under|around|among|between|alongside|with|over|against|on|to|along|below|behind|of)$/;

/**
 * What is done as far as the subject says it.
 * @param subject words before the verb
 * @param predicate the verb and what follows
 * @returns null where the subject is but a plant; else what is done, and what names the plant
 */
export function treatmentInSubject(
  subject: readonly Token[],
  predicate: readonly Token[],
): { done: readonly Token[]; plant: readonly Token[] } | null {
  if (bareSubject(subject).length === 0) return null;
  const pause = subject.findIndex((token) => token.pause !== '') + 1;
  // "Without a fan, tomato seedlings …", "Shaken every morning, stalks …".
  if (pause > 0 && pause < subject.length && plantHeads(subject.slice(pause)))
    return { done: subject.slice(0, pause), plant: subject.slice(pause) };
  const at = subject.findIndex(({ word }, i) => isPlantWord(word) && !STUFF.test(subject[i + 1]?.word ?? ''));
  if (at < 0 || itemAt(subject, 0).tags.has('Gerund') || /ing$/.test(itemAt(subject, 0).word)) return { done: subject, plant: [] };
  let last = at;
  while (last + 1 < subject.length && isPlantWord(itemAt(subject, last + 1).word) && itemAt(subject, last).pause === '') last += 1;
  const [before, plant, after] = [subject.slice(0, at), subject.slice(at, last + 1), subject.slice(last + 1)];
  const told = before.filter(({ word }) => !BESIDE.test(word));
  if (after.length > 0 && told.length === 0) {
    const rest = /^(that|which|who|if|when)$/.test(itemAt(after, 0).word) ? relativeOf(after) : after;
    // "Garlic next to roses keeps aphids away": the first is what is done to the second, by a verb that acts.
    const beside = after.findIndex(({ word }) => BETWEEN.test(word));
    const hasSecond = after.some(({ word }, i) => i > 0 && namesPlant(word) && !STUFF.test(after[i + 1]?.word ?? ''));
    if (beside >= 0 && hasSecond && !isIntransitive(predicate)) return { done: subject, plant: [] };
    return { done: rest, plant: [...before, ...plant] };
  }
  // "Mulched courgettes", "old onion seeds", "cold-treated lavender seed".
  if (
    told.length > 0 &&
    after.length === 0 &&
    told.every(
      ({ tags, word }) =>
        tags.has('Adjective') ||
        tags.has('PastTense') ||
        tags.has('Participle') ||
        tags.has('Adverb') ||
        tags.has('Noun') ||
        /ed$/.test(word),
    ) &&
    !before.some(({ word }) =>
      /^(around|round|under|on|in|to|with|for|of|over|near|beside|between|behind|above|below|inside|against|from|by|at|into|through|next)$/.test(
        word,
      ),
    )
  )
    return { done: told, plant: [...before.filter(({ word }) => BESIDE.test(word)), ...plant] };
  return { done: subject, plant: [] };
}

function relativeOf(after: readonly Token[]): readonly Token[] {
  let at = 1;
  while (
    at < after.length - 1 &&
    /^(is|are|was|were|get|gets|got|have|has|had|been|being|you|we|receive|receives)$/.test(itemAt(after, at).word)
  )
    at += 1;
  return after.slice(at);
}

function isIntransitive(predicate: readonly Token[]): boolean {
  const first = itemAt(predicate, 0);
  if (/^(them|it|the|your)$/.test(predicate[1]?.word ?? '')) return false;
  return isPlantVerb(first) && !/^(gives?|yields?|produces?|brings?)$/.test(first.word);
}
