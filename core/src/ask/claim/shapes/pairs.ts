import type { Token } from '../language';
import { withoutActor } from './actor';
import { tokenWords, type Halves } from './Halves';

/** "The closer the lamp, the heavier the cress." */
export function theMoreTheMore(tokens: readonly Token[]): Halves | null {
  const words = tokenWords(tokens);
  const isMore = (i: number) =>
    words[i] === 'the' &&
    !/^(water|flower|fertili[sz]er|winter|summer|number|matter|paper|corner|other|gardener)$/.test(words[i + 1] ?? '') &&
    (tokens[i + 1]?.tags.has('Comparative') || /^(more|less|fewer)$|er$/.test(words[i + 1] ?? ''));
  if (!isMore(0)) return null;
  const second = words.findIndex((_, i) => i > 1 && isMore(i));
  return second < 0 ? null : { done: tokens.slice(1, second), effect: tokens.slice(second + 1) };
}

/** "Twice as big: straw under strawberries" and "Straw under strawberries: twice as big". */
export function withColon(tokens: readonly Token[]): Halves | null {
  const at = tokens.findIndex(({ pause }) => pause === ':');
  if (at < 0 || at === tokens.length - 1) return null;
  const [one, two] = [tokens.slice(0, at + 1), tokens.slice(at + 1)];
  return saysEffect(one) && !saysEffect(two) ? { done: two, effect: one } : { done: one, effect: two };
}

const saysEffect = (tokens: readonly Token[]) =>
  tokens.some(({ word, tags }) => tags.has('Comparative') || /^(more|less|fewer|twice|double|better|stops?|keeps?|no)$/.test(word));

/** "It matters whether garlic is planted upside down." */
export function matters(tokens: readonly Token[]): Halves | null {
  const at = tokens.findIndex(({ word }) => /^(matters?|difference)$/.test(word));
  const asks = tokens.findIndex(({ word }, i) => i > at && i < at + 5 && /^(if|whether|how|when|where|which)$/.test(word));
  if (at < 0 || at > 4 || asks < 0) return null;
  const { actor, done } = withoutActor(tokens.slice(asks + 1));
  return { done, effect: [...tokens.slice(0, asks), ...actor] };
}

/** "People who sing to their orchids say they flower for longer." */
export function peopleWho(tokens: readonly Token[]): Halves | null {
  const words = tokenWords(tokens);
  const says = words.findIndex((word) => /^(say|says|find|get|claim|swear|have|see|report|notice)$/.test(word));
  return words[1] === 'who' && /^(people|gardeners|farmers|those|anyone|friends|growers|everyone)$/.test(words[0] ?? '') && says > 2
    ? { done: tokens.slice(2, says), effect: tokens.slice(says + 1) }
    : null;
}

/** "It is better for cress to be watered from below." */
export function betterFor(tokens: readonly Token[]): Halves | null {
  const words = tokenWords(tokens);
  const at = words.findIndex((word, i) => word === 'for' && /^(better|best|good|worse|bad|healthier)$/.test(words[i - 1] ?? ''));
  const to = words.findIndex((word, i) => i > at + 1 && word === 'to');
  if (at < 0 || at > 4 || to < 0 || to > at + 4) return null;
  return { done: tokens.slice(words[to + 1] === 'be' ? to + 2 : to + 1), effect: tokens.slice(0, to) };
}

/** "To get more flowers, feed …", "For bigger pumpkins, give them …", "Bury a fish for bigger fruit". */
export function withPurpose(tokens: readonly Token[]): Halves | null {
  const words = tokenWords(tokens);
  if (/^(to|for)$/.test(words[0] ?? '')) {
    const comma = tokens.findIndex(({ pause }) => pause !== '');
    if (comma > 0 && comma < tokens.length - 1) return { done: tokens.slice(comma + 1), effect: tokens.slice(0, comma + 1) };
  }
  const get = /^you (will )?(get|have|see|harvest|pick)\b/.exec(words.join(' '));
  const way = words.findIndex((word, i) => i > 1 && /^(by|if|when|with)$/.test(word));
  return get && way > 0 ? { done: withoutActor(tokens.slice(way + 1)).done, effect: tokens.slice(0, way) } : null;
}

/** "Which is better for roses, tea or water?", after the second of the two was taken off. */
export function aOrB(tokens: readonly Token[]): Halves | null {
  const words = tokenWords(tokens);
  if (!/^(which|what)$/.test(words[0] ?? '')) return null;
  const comma = tokens.findIndex(({ pause }) => pause !== '');
  return comma > 0 && comma < tokens.length - 1 ? { done: tokens.slice(comma + 1), effect: tokens.slice(0, comma + 1) } : null;
}
