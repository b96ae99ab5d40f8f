import { takeComparison } from './comparison';
import { isThing, textOf, type Token } from './language';
import { bareSubject, plantHeads, treatmentInSubject } from './subject';
import { namesPlant } from './plantWords';
import { isPlantVerb, verbAt } from './verbs';

/** A claim in two parts: what is done, and what is said to come of it. */
export interface SplitClaim {
  readonly treatment: string | null;
  readonly comparison: string | null;
  /** What it is said to do. */
  readonly effect: readonly Token[];
}

type Halves = Pick<SplitClaim, 'effect'> & {
  readonly done: readonly Token[];
  /** What is done may be the name of another plant. */
  readonly mayBePlant?: true;
};
type Shape = (tokens: readonly Token[]) => Halves | null;

/** The ways in which people build a claim, the more particular first. */
const shapes: readonly Shape[] = [
  theMoreTheMore,
  withColon,
  matters,
  betterFor,
  peopleWho,
  withCondition,
  withPurpose,
  told,
  aOrB,
  byDoing,
  needed,
  subjectAndVerb,
  adjunctAlone,
];

/**
 * Splits a claim into what is done, what it is compared with, and what is said to come of it.
 * @param tokens of the claim, without hearsay
 * @returns null for what it does not say
 */
export function splitClaim(tokens: readonly Token[]): SplitClaim {
  const choice = eitherOr(tokens);
  const { comparison, rest } = choice ?? takeComparison(tokens);
  const said = withoutQuestion(rest);
  return halved(said, comparison) ?? pieceWise(said, comparison) ?? { treatment: null, comparison, effect: said };
}

/** "Sunflowers follow the window; turning them stops the lean": of several sentences, one says what is done. */
function pieceWise(said: readonly Token[], comparison: string | null): SplitClaim | null {
  const ends = said.flatMap(({ pause }, i) => (/[.;?!–—]/.test(pause) ? [i + 1] : []));
  if (ends.length < 2) return null;
  for (const [k, end] of ends.entries()) {
    const start = ends[k - 1] ?? 0;
    const found = halved(said.slice(start, end), comparison);
    if (found) return { ...found, effect: [...said.slice(0, start), ...found.effect, ...said.slice(end)] };
  }
  return null;
}

function halved(said: readonly Token[], comparison: string | null): SplitClaim | null {
  for (const shape of shapes) {
    const halves = shape(said);
    if (!halves) continue;
    const done = cleaned(halves.done);
    if (
      done.length > 0 &&
      (halves.mayBePlant || !plantHeads(done)) &&
      done.some(({ word }) => !/^(it|they|this|that|them|you|we)$/.test(word))
    )
      return { treatment: tidy(textOf(done)), comparison, effect: halves.effect };
  }
  return null;
}

const wordsOf = (tokens: readonly Token[]) => tokens.map(({ word }) => word);
const tidy = (text: string) => text.replace(/^(that|and|then|just|always|never|simply|by|to|please|only) /i, '').replace(/\s+,/g, ',');

/** "Does honey help …?", "Why do tomatoes taste …?" as a statement. */
function withoutQuestion(tokens: readonly Token[]): readonly Token[] {
  const words = wordsOf(tokens);
  let at = 0;
  if (/^(why|how|when)$/.test(words[0]) && /^(do|does|did|will|would|is|are|can)$/.test(words[1] ?? '')) at = 2;
  else if (words[0] === 'how' && /^(much|many|far|long)$/.test(words[1] ?? ''))
    at = words.findIndex((word) => /^(do|does|will|would)$/.test(word)) + 1;
  else if (
    /^(do|does|did|will|would|can|could|should|shall|is|are|has|have|might|may)$/.test(words[0]) &&
    words.length > 2 &&
    !/^not$/.test(words[1])
  )
    at = 1;
  if (/^(i|we|you)$/.test(words[at] ?? '') && at > 0) at += 1;
  // "Are plants that are fed bushier?": the verb goes back before what is said of them.
  if (at === 1 && /^(is|are)$/.test(words[0])) {
    const said = tokens.findIndex(
      ({ tags, word }, i) => i > 1 && (tags.has('Comparative') || /^(better|worse|best|bad|good|bushier)$/.test(word)),
    );
    if (said > 1) return [...tokens.slice(1, said), tokens[0], ...tokens.slice(said)];
  }
  return tokens.slice(at);
}

/** "In water or in mix?": the first is done, the second compared. */
function eitherOr(tokens: readonly Token[]): { comparison: string; rest: readonly Token[] } | null {
  const words = wordsOf(tokens);
  const at = words.indexOf('or');
  if (at < 1 || !/^(do|does|will|would|is|are|which|should|what|can|root|grow)$/.test(words[0]) || /^(not|no)$/.test(words[at + 1] ?? 'no'))
    return null;
  let end = at + 1;
  while (
    end < tokens.length &&
    !(
      end > at + 1 &&
      (verbAt([tokens[at], ...tokens.slice(end)]) === 1 || /^(better|for|faster|best|more|sooner|taller|heavier)$/.test(words[end]))
    )
  )
    end += 1;
  const second = tokens.slice(at + 1, end);
  const bare = /^(in|with|under|on|by|from|at)$/.test(second[0].word) && second.length > 1 ? second.slice(1) : second;
  return { comparison: textOf(bare), rest: [...tokens.slice(0, at), ...tokens.slice(end)] };
}

function theMoreTheMore(tokens: readonly Token[]): Halves | null {
  const words = wordsOf(tokens);
  const isMore = (i: number) =>
    words[i] === 'the' &&
    !/^(water|flower|fertili[sz]er|winter|summer|number|matter|paper|corner|other|gardener)$/.test(words[i + 1] ?? '') &&
    (tokens[i + 1]?.tags.has('Comparative') || /^(more|less|fewer)$|er$/.test(words[i + 1] ?? ''));
  if (!isMore(0)) return null;
  const second = words.findIndex((_, i) => i > 1 && isMore(i));
  return second < 0 ? null : { done: tokens.slice(1, second), effect: tokens.slice(second + 1) };
}

/** "Twice as big: straw under strawberries" and "Straw under strawberries: twice as big". */
function withColon(tokens: readonly Token[]): Halves | null {
  const at = tokens.findIndex(({ pause }) => pause === ':');
  if (at < 0 || at === tokens.length - 1) return null;
  const [one, two] = [tokens.slice(0, at + 1), tokens.slice(at + 1)];
  return saysEffect(one) && !saysEffect(two) ? { done: two, effect: one } : { done: one, effect: two };
}

const saysEffect = (tokens: readonly Token[]) =>
  tokens.some(({ word, tags }) => tags.has('Comparative') || /^(more|less|fewer|twice|double|better|stops?|keeps?|no)$/.test(word));

const CONDITION = /^(if|when|once|whenever|because|after|provided|unless)$/;

function withCondition(tokens: readonly Token[]): Halves | null {
  const words = wordsOf(tokens);
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
  const stop = tokens.findIndex(({ pause }, i) => i > at && /[.;:?!–—]/.test(pause)) + 1 || tokens.length;
  const { actor, done } = withoutActor(tokens.slice(at + 1, stop));
  return { done, effect: [...tokens.slice(0, at), ...actor, ...tokens.slice(stop)] };
}

/** "It matters whether garlic is planted upside down." */
function matters(tokens: readonly Token[]): Halves | null {
  const at = tokens.findIndex(({ word }) => /^(matters?|difference)$/.test(word));
  const next = tokens[at + 1]?.word ?? '';
  if (at < 0 || at > 4 || !/^(if|whether|how|when|where|which)$/.test(next)) return null;
  const { actor, done } = withoutActor(tokens.slice(at + 2));
  return { done, effect: [...tokens.slice(0, at + 1), ...actor] };
}

/** "People who sing to their orchids say they flower for longer." */
function peopleWho(tokens: readonly Token[]): Halves | null {
  const words = wordsOf(tokens);
  const says = words.findIndex((word) => /^(say|says|find|get|claim|swear|have|see|report|notice)$/.test(word));
  return words[1] === 'who' && /^(people|gardeners|farmers|those|anyone|friends|growers|everyone)$/.test(words[0]) && says > 2
    ? { done: tokens.slice(2, says), effect: tokens.slice(says + 1) }
    : null;
}

/** "It is better for cress to be watered from below." */
function betterFor(tokens: readonly Token[]): Halves | null {
  const words = wordsOf(tokens);
  const at = words.findIndex((word, i) => word === 'for' && /^(better|best|good|worse|bad|healthier)$/.test(words[i - 1] ?? ''));
  const to = words.findIndex((word, i) => i > at + 1 && word === 'to');
  if (at < 0 || at > 4 || to < 0 || to > at + 4) return null;
  return { done: tokens.slice(words[to + 1] === 'be' ? to + 2 : to + 1), effect: tokens.slice(0, to) };
}

const isPlantVerbNext = (tokens: readonly Token[], i: number) =>
  [1, 2, 3].some(
    (step) => isPlantVerb(tokens[i + step]) && /^(will|would|can|get|gets|grow|grows|is|are|do|does)$/.test(tokens[i + step].word),
  );

/** A clause, not "when young" or "after two weeks". */
function clauseFollows(tokens: readonly Token[], i: number): boolean {
  const rest = tokens.slice(i + 1);
  if (rest.length < 2 || (/^(a|an|one|two|three|four|\d+)$/.test(rest[0].word) && /^(days?|weeks?|months?|hours?)$/.test(rest[1].word)))
    return false;
  if (/^(after|unless)$/.test(tokens[i].word)) return /^(you|we|being|they|it|a|an|the)$/.test(rest[0].word) || rest[0].tags.has('Gerund');
  return (
    /^(you|we|one|they|it|your|the|a|an|i|there)$/.test(rest[0].word) ||
    rest.some((_, k) => k > 0 && verbAt([tokens[i], ...rest.slice(0, k + 1)]) === k + 1) ||
    rest[0].tags.has('PastTense') ||
    rest[0].tags.has('Gerund')
  );
}

/** "You bury a peel" is burying a peel; "they are shaken" is shaken. */
function withoutActor(tokens: readonly Token[]): { readonly actor: readonly Token[]; readonly done: readonly Token[] } {
  const words = wordsOf(tokens);
  let at = 0;
  if (/^(you|we|one|i|they|it|people)$/.test(words[0])) at = 1;
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
  return at > 0 && /^(is|are|was|were|get|gets|have|has)$/.test(tokens[at].word) && bareSubject(tokens.slice(0, at)).length === 0;
};

/** "To get more flowers, feed …", "For bigger pumpkins, give them …", "Bury a fish for bigger fruit". */
function withPurpose(tokens: readonly Token[]): Halves | null {
  const words = wordsOf(tokens);
  if (/^(to|for)$/.test(words[0])) {
    const comma = tokens.findIndex(({ pause }) => pause !== '');
    if (comma > 0 && comma < tokens.length - 1) return { done: tokens.slice(comma + 1), effect: tokens.slice(0, comma + 1) };
  }
  const get = /^you (will )?(get|have|see|harvest|pick)\b/.exec(words.join(' '));
  const way = words.findIndex((word, i) => i > 1 && /^(by|if|when|with)$/.test(word));
  return get && way > 0 ? { done: withoutActor(tokens.slice(way + 1)).done, effect: tokens.slice(0, way) } : null;
}

/** "Bury a banana peel under roses and they flower more", "Never water at noon: it burns". */
function told(tokens: readonly Token[]): Halves | null {
  let at = 0;
  const words = wordsOf(tokens);
  while (
    /^(always|never|just|try|try to|you|we|should|must|have|need|ought|to|only|simply|not|do|please|it|is|best|good|better)$/.test(
      words[at] ?? '',
    )
  )
    at += 1;
  const first = tokens[at];
  const ordered = at > 0 && /^(always|never|you|we|just|try|do|it)$/.test(words[0]);
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
        (tokens[i - 1].pause !== '' && !/^(and|not|but|then)$/.test(word)) ||
        (word === 'and' && /^(they|it|you|your|the|watch|get|see|its|their)$/.test(words[i + 1] ?? '')) ||
        (word === 'or' && /^(they|it|you|else|your|the)$/.test(words[i + 1] ?? '')) ||
        (word === 'to' && tokens[i + 1]?.tags.has('Infinitive') && !/^(it|them)$/.test(words[i + 1])) ||
        (word === 'for' &&
          (tokens[i + 1]?.tags.has('Comparative') || /^(more|better|bigger|earlier|a|extra|stronger)$/.test(words[i + 1] ?? '')) &&
          !/^(day|week|month|night|hour|few|couple)s?$/.test(words[i + 2] ?? ''))),
  );
  const verb = end > 0 ? -1 : verbAt(tokens.slice(at));
  if (end < 0 && verb > 0 && !ordered) return null;
  return end < 0 ? { done: tokens.slice(at), effect: [] } : { done: tokens.slice(at, end), effect: tokens.slice(end) };
}

/** "Which is better for roses, tea or water?", after the second of the two was taken off. */
function aOrB(tokens: readonly Token[]): Halves | null {
  const words = wordsOf(tokens);
  if (!/^(which|what)$/.test(words[0])) return null;
  const comma = tokens.findIndex(({ pause }) => pause !== '');
  return comma > 0 && comma < tokens.length - 1 ? { done: tokens.slice(comma + 1), effect: tokens.slice(0, comma + 1) } : null;
}

/** "You can double your crop by pinching out", "Roses are protected from aphids by garlic". */
function byDoing(tokens: readonly Token[]): Halves | null {
  const words = wordsOf(tokens);
  const at = words.findIndex(
    (word, i) =>
      i > 1 &&
      word === 'by' &&
      !/^(a|an|half|about|up|\d.*|day|one|two|three|at|far|itself)$/.test(words[i + 1] ?? 'a') &&
      (tokens[i + 1].tags.has('Gerund') || words.slice(0, i).some((own) => /^(is|are|be|can|get|gets)$/.test(own))),
  );
  if (at < 0 || verbAt(tokens.slice(0, at)) < 0) return null;
  // "Beans fed by hand grow": what comes after the way is the claim.
  return { done: tokens.slice(at + 1), effect: tokens.slice(0, at) };
}

/** "Chilli seeds need 28 °C to come up", "Mint likes wet feet". */
function needed(tokens: readonly Token[]): Halves | null {
  const at = verbAt(tokens);
  if (
    at < 0 ||
    !/^(needs?|likes?|loves?|prefers?|wants?|hates?|requires?)$/.test(tokens[at].word) ||
    bareSubject(tokens.slice(0, at)).length > 0
  )
    return null;
  const words = wordsOf(tokens);
  if (at + 1 >= tokens.length) return null;
  const end = words.findIndex((word, i) => i > at + 1 && (/^(to|for|if|so|before|because)$/.test(word) || tokens[i - 1].pause !== ''));
  let last = end < 0 ? tokens.length : end;
  // "Likes wool more than soil": how much is no part of what it likes.
  while (last > at + 2 && /^(more|better|best|most|less)$/.test(words[last - 1])) last -= 1;
  return { done: tokens.slice(at + 1, last), effect: [...tokens.slice(0, at + 1), ...tokens.slice(last)], mayBePlant: true };
}

const OF_VERB =
  /^(negatively|positively|significantly|greatly|really|often|always|never|usually|slightly|badly|strongly|clearly|definitely|easily|quickly|also|both|never|rarely|hardly|seriously|only)$/;

function subjectAndVerb(tokens: readonly Token[]): Halves | null {
  const at = verbAt(tokens);
  if (at < 1) return null;
  // "Loud music negatively affects": the adverb belongs to the verb.
  const from = at > 1 && OF_VERB.test(tokens[at - 1].word) ? at - 1 : at;
  const [subject, predicate] = [tokens.slice(0, from), tokens.slice(from)];
  const inSubject = treatmentInSubject(subject, predicate);
  if (inSubject) return { done: inSubject.done, effect: [...inSubject.plant, ...predicate] };
  const [verb] = predicate;
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

function adjunctAlone(tokens: readonly Token[]): Halves | null {
  return adjunctOf(tokens);
}

const ADJUNCT =
  /^(with|in|under|on|from|at|through|during|inside|using|among|around|near|beside|without|after|before|when|next|thanks|due|because|against|between|over|by|if|while|upside|outdoors|indoors|into|following|above|below)$/;
const KEEPS_WORD =
  /^(next|near|beside|without|after|before|among|between|around|upside|over|outdoors|indoors|against|during|inside|above|below)$/;
const NO_ADJUNCT =
  /^(a|an|one|two|three|four|five|six|seven|eight|ten|twelve|\d+|half|just|only|about|less|general|fact|time|hot|summer|winter|spring|autumn|spite|size|height|weight|length|number|colou?r|leaning|wilting|rotting|falling|drying|bolting|sprouting|germinating|flowering|going|getting|slugs|aphids|pests|snails|mildew|mould|mold|blight|disease|the|your|my|all|every)$/;

/** "… grow better with worm castings": the part after the effect that says what is done. */
function adjunctOf(predicate: readonly Token[]): Halves | null {
  for (let i = 1; i < predicate.length; i += 1) {
    const [word, next] = [predicate[i].word, predicate[i + 1]];
    if (!ADJUNCT.test(word) || !next || (/^(of|away|off)$/.test(predicate[i - 1].word) && word === 'from')) continue;
    if (isTimeOrPlace(predicate, i)) continue;
    const from = word === 'next' || word === 'thanks' || word === 'due' ? (word === 'next' ? i : i + 2) : KEEPS_WORD.test(word) ? i : i + 1;
    let end = predicate.findIndex(({ pause }, k) => k >= i && pause !== '') + 1;
    if (end <= 0) end = predicate.length;
    const done = word === 'because' && next.word === 'of' ? predicate.slice(i + 2, end) : predicate.slice(from, end);
    return { done, effect: [...predicate.slice(0, i), ...predicate.slice(end)] };
  }
  return null;
}

function isTimeOrPlace(predicate: readonly Token[], i: number): boolean {
  const next = predicate[i + 1].word;
  const second = predicate[i + 2]?.word ?? '';
  const isStay =
    /^(days?|weeks?|months?|years?|hours?|nights?|summer|winter|spring|autumn|season|time|garden|ground|world|end|morning|evening|size|height|weight|long|short)$/;
  if (
    /^(from|against)$/.test(predicate[i].word) &&
    /^(keeps?|stops?|prevents?|protects?|saves?)$/.test(
      predicate
        .slice(0, i)
        .map(({ word }) => word)
        .find((word) => /^(keeps?|stops?|prevents?|protects?|saves?|kept)$/.test(word)) ?? '',
    )
  )
    return true;
  if (predicate[i].word === 'in' && /^(half|less)$/.test(next)) return true;
  if (predicate[i].word === 'by' && /^(a|an|half|about|up|\d.*|day|one|two|three|far|itself)$/.test(next)) return true;
  if (/^(the|your|my|all|every|hot|cold|general|fact|summer|winter|spring|autumn|spite|size|height|weight|length|number)$/.test(next))
    return isStay.test(second) || isStay.test(next) || /^(general|fact|spite)$/.test(next);
  if (/^(a|an|one|two|three|four|five|six|seven|eight|ten|twelve|\d+|about|just|only|as)$/.test(next))
    return isStay.test(second) || isStay.test(predicate[i + 3]?.word ?? '') || /^(about|just|only|as)$/.test(next);
  return NO_ADJUNCT.test(next);
}

/** Without what is said of time at its end, and without a little word at its beginning. */
function cleaned(tokens: readonly Token[]): readonly Token[] {
  let own = tokens;
  while (own.length > 0 && /^(that|and|then|to|also|just|simply|of)$/.test(own[0].word)) own = own.slice(1);
  // "Half of old onion seeds": how many it is said of.
  if (own[1]?.word === 'of' && /^(half|most|all|some|many|few)$/.test(own[0].word)) own = own.slice(2);
  while (own.length > 0 && /^(and|or|but|so|do|does|will|would|is|are|to|too|also|it|instead)$/.test(own.at(-1)?.word ?? ''))
    own = own.slice(0, -1);
  return own;
}
