import { itemAt } from '../../invariant';
import { textOfTokens, type Token } from './language';

/** What stands in a claim beside the claim: who says it, and that somebody does. */
export interface ReportedClaim {
  /** As in the claim: "my neighbour"; null where nobody is named. */
  readonly who: string | null;
  readonly rest: readonly Token[];
}

const SAYING =
  /^(sa(y|ys|id)|sw(ears?|ore)|claim(s|ed)?|believe[sd]?|tells?|told|hear[ds]?|reads?|think(s)?|thought|kn(ow|ows|ew|own)|reckon(s|ed)?|insist(s|ed)?|argue[sd]?|suggest(s|ed)?|recommend(s|ed)?|advise[sd]?|wonder(s|ed)?|rumou?red|mentioned|assured?|convinced|posted|states?|advice|maintains?|explained|promised|taught|learn(ed|t)?|seen|saw|notic(e|es|ed)|f(ind|inds|ound))$/;
const LISTENER = /^(me|us|you|everyone|everybody|people|once|online|somewhere|on|the|internet|radio)$/;
const DOUBTED = /^(true|right|correct|myth|nonsense|fact|possible|rumour|rumor)$/;
/** "Seeds are supposed to", "seems to": what follows is the claim's own verb. */
const HEDGES = /^(supposed|said|meant|thought|believed|rumou?red|known|claimed|reputed|alleged|seems?|tends?|appears?|ought)$/;
const ASIDES =
  /^(apparently|supposedly|allegedly|reportedly|obviously|clearly|really|actually|please|honestly|hello|hi|so|well|surely|generally|usually|normally)$/;
/** More words than these before a verb of saying are no person. */
const LONGEST_NAME = 7;
const LONGEST_ASIDE = 6;
const LONGEST_STORY = 10;

/**
 * Takes hearsay off a claim: "my neighbour swears that", "is it true that", "they say" in its middle, "I was told" at its end, and
 * "are supposed to".
 * @param tokens of the claim
 * @returns who says it, and what is left
 */
export function withoutReportingPhrases(tokens: readonly Token[]): ReportedClaim {
  const { who, rest } = withoutBeginning(withoutAsides(tokens));
  return { who, rest: withoutHedges(withoutAsides(rest)) };
}

function withoutBeginning(tokens: readonly Token[]): ReportedClaim {
  const words = tokens.map(({ word }) => word);
  const doubt = words.slice(0, LONGEST_NAME).findIndex((word) => DOUBTED.test(word));
  if (doubt > 0 && /^(is|are|was|it|could|can)$/.test(words[0] ?? '')) return { who: null, rest: afterThat(tokens.slice(doubt + 1)) };
  const experience =
    /^(in|from) (my|our|his|her|their) (experience|opinion|view|garden|house)\b|^as far as (i|we) know\b|^for (me|us)\b/.exec(
      words.join(' '),
    );
  if (experience) return { who: null, rest: tokens.slice(experience[0].split(' ').length) };
  if (words[0] === 'according' && words[1] === 'to') {
    const end = tokens.findIndex(({ pause }) => pause !== '');
    return { who: textOfTokens(tokens.slice(2, end + 1)), rest: tokens.slice(end + 1) };
  }
  if (/^(rumou?r|legend|word)$/.test(words[0] ?? '') && /^(has|is)$/.test(words[1] ?? ''))
    return { who: null, rest: afterThat(tokens.slice(2)) };
  const story = words
    .slice(0, LONGEST_STORY)
    .findIndex(
      (word, i) =>
        word === 'that' &&
        /^(truth|story|idea|theory|belief|tale|claim|saying|rule|view|notion|evidence|fact|tip)$/.test(words[i - 1] ?? ''),
    );
  if (story > 0) return { who: null, rest: tokens.slice(story + 1) };
  if (/^(\w+ ){1,4}(like|wants?|love|needs?|trying|try|asks?|wonders?)( to (know|see|find out|test))? (if|whether)\b/.test(words.join(' ')))
    return { who: null, rest: tokens.slice(words.findIndex((word) => /^(if|whether|that)$/.test(word)) + 1) };
  const verb = words.slice(0, LONGEST_NAME + 1).findIndex((word) => SAYING.test(word));
  if (verb < 1 || !isPerson(tokens.slice(0, verb))) return { who: null, rest: tokens };
  // "My class believes plants in silence grow": a person says something that has its own verb.
  let at = verb + 1;
  while (at < tokens.length && LISTENER.test(words[at] ?? '')) at += 1;
  const told = afterThat(tokens.slice(at));
  return told.length === 0 ? { who: null, rest: tokens } : { who: nameOf(tokens.slice(0, verb)), rest: told };
}

function isPerson(tokens: readonly Token[]): boolean {
  return tokens.every(
    ({ tags, word, pause }, i) =>
      (pause === '' || i === 0) &&
      !tags.has('Gerund') &&
      (!tags.has('Preposition') || /^(of|in|on|at|from)$/.test(word)) &&
      (/^(has|have|had|did|do|does|is|was|are|once|ever|often)$/.test(word) ||
        [
          'Noun',
          'Pronoun',
          'Possessive',
          'Determiner',
          'Adjective',
          'Adverb',
          'Auxiliary',
          'Copula',
          'Preposition',
          'QuestionWord',
          'Conjunction',
        ].some((tag) => tags.has(tag))),
  );
}

function nameOf(tokens: readonly Token[]): string | null {
  const name = tokens.filter(
    ({ tags, word }) =>
      !tags.has('Auxiliary') && !tags.has('Copula') && !tags.has('Adverb') && !/^(once|also|was|have|has|did|do)$/.test(word),
  );
  const text = textOfTokens(name);
  return /^(i|we|it|you|they|he|she|people|some people|everyone|everybody|anyone|anybody|somebody|someone|so|do you|some)$/i.test(text)
    ? null
    : text;
}

function afterThat(tokens: readonly Token[]): readonly Token[] {
  return /^(that|whether|if|how)$/.test(tokens[0]?.word ?? '') && !/^(you|we|one|they)$/.test(tokens[1]?.word ?? '')
    ? tokens.slice(1)
    : tokens[0]?.word === 'that'
      ? tokens.slice(1)
      : tokens;
}

/** Parts between commas, and at the ends, that only say that somebody says it, or ask whether it is so. */
function withoutAsides(tokens: readonly Token[]): readonly Token[] {
  const parts: Token[][] = [[]];
  for (const token of tokens) {
    parts.at(-1)?.push(token);
    if (token.pause !== '') parts.push([]);
  }
  const isAside = (part: readonly Token[]) => {
    const words = part.map(({ word }) => word);
    if (words.length === 0) return true;
    if (words.every((word) => ASIDES.test(word))) return true;
    if (words.length > LONGEST_ASIDE) return false;
    const says = words.findIndex((word) => SAYING.test(word));
    if (says >= 1 && says === words.length - 1 && isPerson(part.slice(0, says))) return true;
    if (
      /^(right|true|no|yes|correct|or not|is it|is it not|does it|does it not|do they|do they not|is that so|is that true|is this true|or is (that|it) (just )?(a |an )?\w+|or so they say|so they say|so i am told|so i heard|true or false|fact or myth|myth or fact)$/.test(
        words.join(' '),
      )
    )
      return true;
    return false;
  };
  const left = parts.filter((part) => !isAside(part)).flat();
  return left.filter(({ word, tags }, i) => !(ASIDES.test(word) && (i === 0 || (tags.has('Adverb') && !/^(so|well)$/.test(word)))));
}

function withoutHedges(tokens: readonly Token[]): readonly Token[] {
  const dropped = new Set<number>();
  tokens.forEach(({ word }, i) => {
    if (!HEDGES.test(word) || tokens[i + 1]?.word !== 'to') return;
    dropped.add(i).add(i + 1);
    if (
      tokens[i - 1] &&
      (itemAt(tokens, i - 1).tags.has('Copula') ||
        itemAt(tokens, i - 1).tags.has('Auxiliary') ||
        /^(is|are|was|were)$/.test(itemAt(tokens, i - 1).word))
    )
      dropped.add(i - 1);
  });
  return tokens.filter((_, i) => !dropped.has(i));
}
