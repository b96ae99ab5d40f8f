import { itemAt } from '../../invariant';
import { eitherOr, withoutQuestion } from './asStatement';
import { takeComparison } from './comparison';
import { textOfTokens, type Token } from './language';
import { adjunctOf } from './shapes/adjunct';
import { withCondition } from './shapes/condition';
import type { ClaimShape } from './shapes/Halves';
import { aOrB, betterFor, matters, peopleWho, theMoreTheMore, withColon, withPurpose } from './shapes/pairs';
import { byDoing, needed, subjectAndVerb } from './shapes/sentence';
import { toldToSomeone } from './shapes/told';
import { plantHeads } from './subject';

/** A claim in two parts: what is done, and what is said to come of it. */
export interface SplitClaim {
  readonly treatment: string | null;
  readonly comparison: string | null;
  /** What it is said to do. */
  readonly effect: readonly Token[];
}

/** The ways in which people build a claim, the more particular first. */
const shapes: readonly ClaimShape[] = [
  theMoreTheMore,
  withColon,
  matters,
  betterFor,
  peopleWho,
  withCondition,
  withPurpose,
  toldToSomeone,
  aOrB,
  byDoing,
  needed,
  subjectAndVerb,
  adjunctOf,
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
      return { treatment: tidy(textOfTokens(done)), comparison, effect: halves.effect };
  }
  return null;
}

const tidy = (text: string) => text.replace(/^(that|and|then|just|always|never|simply|by|to|please|only) /i, '').replace(/\s+,/g, ',');

/** Without what is said of time at its end, and without a little word at its beginning. */
function cleaned(tokens: readonly Token[]): readonly Token[] {
  let own = tokens;
  while (own.length > 0 && /^(that|and|then|to|also|just|simply|of)$/.test(itemAt(own, 0).word)) own = own.slice(1);
  // "Half of old onion seeds": how many it is said of.
  if (own[1]?.word === 'of' && /^(half|most|all|some|many|few)$/.test(itemAt(own, 0).word)) own = own.slice(2);
  while (own.length > 0 && /^(and|or|but|so|do|does|will|would|is|are|to|too|also|it|instead)$/.test(own.at(-1)?.word ?? ''))
    own = own.slice(0, -1);
  return own;
}
