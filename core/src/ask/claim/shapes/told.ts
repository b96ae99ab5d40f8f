import { itemAt } from '../../../invariant';
import { isThing, type Token } from '../language';
import { verbAt } from '../verbs';
import { tokenWords, type Halves } from './Halves';

/** "Bury a banana peel under roses and they flower more", "Never water at noon: it burns". */
export function toldToSomeone(tokens: readonly Token[]): Halves | null {
  let at = 0;
  const words = tokenWords(tokens);
  // "You can make them flower by feeding": said, not ordered.
  if (words[0] === 'you' && /^(can|will|may|could|get)$/.test(words[1] ?? '')) return null;
  while (
    /^(always|never|just|try|try to|you|we|should|must|have|need|ought|to|only|simply|not|do|please|it|is|best|good|better)$/.test(
      words[at] ?? '',
    )
  )
    at += 1;
  const first = tokens[at];
  const ordered = at > 0 && /^(always|never|you|we|just|try|do|it)$/.test(words[0] ?? '');
  if (
    !first ||
    (isThing(first.word) && !ordered) ||
    !(first.tags.has('Imperative') || first.tags.has('Infinitive') || ordered) ||
    first.tags.has('Gerund') ||
    (!ordered && first.tags.has('Noun'))
  )
    return null;
  if (
    !ordered &&
    !/^(the|a|an|your|some|them|it|their|out|off|up|to|in|with|on|no|\d.*)$/.test(words[at + 1] ?? '') &&
    !tokens[at + 1]?.tags.has('Noun') &&
    !tokens[at + 1]?.tags.has('Adjective')
  )
    return null;
  const end = words.findIndex(
    (word, i) =>
      i > at + 1 &&
      (/^(so|because|as)$/.test(word) ||
        (itemAt(tokens, i - 1).pause !== '' && !/^(and|not|but|then)$/.test(word)) ||
        (word === 'and' && /^(they|it|you|your|the|watch|get|see|its|their)$/.test(words[i + 1] ?? '')) ||
        (word === 'or' && /^(they|it|you|else|your|the)$/.test(words[i + 1] ?? '')) ||
        (word === 'to' && tokens[i + 1]?.tags.has('Infinitive') && !/^(it|them)$/.test(words[i + 1] ?? '')) ||
        (word === 'for' &&
          (tokens[i + 1]?.tags.has('Comparative') ||
            /^[a-z]{4,}(i|e)?er$/.test(words[i + 1] ?? '') ||
            /^(more|better|bigger|earlier|a|extra|stronger)$/.test(words[i + 1] ?? '')) &&
          !/^(day|week|month|night|hour|few|couple)s?$/.test(words[i + 2] ?? ''))),
  );
  const verb = end > 0 ? -1 : verbAt(tokens.slice(at));
  if (end < 0 && verb > 0 && !ordered) return null;
  return end < 0 ? { done: tokens.slice(at), effect: [] } : { done: tokens.slice(at, end), effect: tokens.slice(end) };
}
