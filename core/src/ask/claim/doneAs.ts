import { itemAt } from '../../invariant';
import { isPlantWord } from './plantWords';
import { insideSentence } from '../../words/insideSentence';
import { gerundOf, isThing, textOfTokens, tokensOf, type Token } from './language';

/** What is done, as the subject of a sentence. */
export interface Done {
  readonly words: string;
  readonly plural: boolean;
}

const PLACES =
  /^(in|on|under|near|next|beside|between|among|above|below|without|from|with|at|upside|after|before|around|outdoors|indoors)$/;

/**
 * With what it is compared, so that "than" can go before it: "without it" and "in the dark" stay, "the plain mix" becomes "with the plain mix".
 * @param comparison as a claim or its writer names it
 */
export function comparedWith(comparison: string): string {
  const words = insideSentence(comparison.trim());
  return PLACES.test(words.split(' ')[0] ?? '') ? words : `with ${words}`;
}

/**
 * What is done, so that "changes" can follow it: "bury a peel" becomes "burying a peel", "sown at new moon" becomes "being sown at new
 * moon", "in clay pots" becomes "growing in clay pots"; a thing stays as it is.
 * @param treatment as a claim or its writer names it
 * @returns its words with a small first letter, and whether they ask for "do" or for "does"
 */
export function doneAs(treatment: string): Done {
  const tokens = sentenceCut(tokensOf(treatment.trim()));
  const [first, second] = tokens;
  if (!first) return { words: '', plural: false };
  const words = small(textOfTokens(tokens), first);
  const one = (text: string): Done => ({ words: text, plural: false });
  if (isGerund(first)) return one(words);
  // "Closer the lamp", "deeper you sow".
  if (/er$/.test(first.word) && second?.word === 'the')
    return one(`${/^[aeiou]/.test(first.word) ? 'an' : 'a'} ${first.word} ${rest(words, 2)}`);
  if (/er$/.test(first.word) && second?.word === 'you' && tokens[2])
    return one([gerundOf(tokens[2].word), rest(words, 3), first.word].filter(Boolean).join(' '));
  if (PLACES.test(first.word)) return one(`growing ${words}`);
  if (isState(tokens)) return one(`being ${words}`);
  if (isOrder(first, second)) return one(`${gerundOf(first.word)} ${rest(words, 1)}`.trim());
  return { words, plural: isPlural(tokens) };
}

/** "Rooting powder is a waste of money": what is said of it is no part of it. */
function sentenceCut(tokens: readonly Token[]): readonly Token[] {
  const at = tokens.findIndex(({ word }, i) => i > 0 && /^(is|are|was|were)$/.test(word));
  return at < 0 ? tokens : tokens.slice(0, at);
}

const isGerund = ({ tags, word }: Token) => tags.has('Gerund') && word.endsWith('ing');
const isParticiple = ({ tags, word }: Token) =>
  ((tags.has('PastTense') || tags.has('Participle')) && !tags.has('Noun')) ||
  /^(taken|sown|grown|shaken|frozen|cut|kept|given|fed|set|hung|left|put)$/.test(word);

/** "Sown at new moon", "cold-treated", "old": how the plants are, not a thing. */
function isState(tokens: readonly Token[]): boolean {
  const [first, second] = tokens;
  if (first === undefined) return false;
  if (isParticiple(first))
    return !(first.word !== 'cut'
      ? second?.tags.has('Noun') && !second.tags.has('Pronoun') && !second.tags.has('Date')
      : second && !/^(short|back)$/.test(second.word));
  const last = tokens.at(-1);
  return tokens.every(({ tags }) => tags.has('Adjective')) || (last !== undefined && isParticiple(last) && first.bound);
}

/** "Bury a peel", "water in the evening": an order, not a thing. */
function isOrder(first: Token, second: Token | undefined): boolean {
  if (isThing(first.word)) return false;
  if (first.tags.has('Imperative') || (first.tags.has('Infinitive') && !first.tags.has('Noun'))) return true;
  if (/^(water|feed|plant|sow|mulch|soak|turn|spray)$/.test(first.word) && isPlantWord(second?.word ?? '')) return true;
  const follows = /^(a|an|the|your|them|it|their|some|in|at|with|off|out|down|up|less|more|every)$/.test(second?.word ?? '');
  return (
    follows &&
    /^(water|feed|soak|plant|sow|pinch|prune|trim|mulch|spray|cover|shade|talk|turn|dip|rub|cut|give|put|add|bury|mix|hang|nick|chill|freeze|shake|stroke|pour|dust|wrap|stir)$/.test(
      first.word,
    )
  );
}

/** The noun that the rest hangs on: the last before "in", "with", "of" and the like. */
function isPlural(tokens: readonly Token[]): boolean {
  const end = tokens.findIndex(
    ({ tags, word, pause }, i) =>
      i > 0 &&
      (tags.has('Preposition') ||
        tags.has('PastTense') ||
        PLACES.test(word) ||
        /^(that|which|of|for|to|over|round)$/.test(word) ||
        (pause !== '' && i < tokens.length - 1)),
  );
  const own =
    end < 0 ? tokens : tokens.slice(0, end + (itemAt(tokens, end).pause !== '' && !itemAt(tokens, end).tags.has('Preposition') ? 1 : 0));
  const head = own.at(-1);
  return own.some(({ word }) => word === 'and') || head?.tags.has('Plural') === true || /[^su]s$/.test(head?.word ?? '');
}

/** Names and initials keep their capital. */
function small(text: string, first: Token): string {
  return /^[A-Z]([a-z]| )/.test(text) && !first.tags.has('ProperNoun') ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}

const rest = (words: string, from: number) => words.split(' ').slice(from).join(' ');
