import { itemAt } from '../../invariant';
import { textOfTokens, type Token } from './language';
import { namesPlant } from './plantWords';
import { isPlantVerb } from './verbs';

export interface ClaimComparison {
  readonly comparison: string | null;
  readonly rest: readonly Token[];
}

const STOPS =
  /^(makes?|helps?|gives?|doubles?|triples?|boosts?|speeds|stops?|keeps?|prevents?|increases?|reduces?|improves?|slows|stunts?|kills?|harms?|produces?|brings?|deters?|leads?|causes?|lets?|will|yields?|delays?|within)$/;
const USUAL = /^(ever|usual|normal|normally|usually|before|you think|you would think|average|you expect|they should|otherwise)$/;
const ENTRIES = /^(when|with|in|from|by|on|under|if|without|those|ones|at|after)$/;

/**
 * Takes off what a claim compares with: "than …", "instead of …", "rather than …", "compared with …", ", not …,".
 * @param tokens of the claim
 * @returns the comparison, and the claim without it
 */
export function takeComparison(tokens: readonly Token[]): ClaimComparison {
  const at = startOf(tokens);
  if (at === null) return { comparison: null, rest: tokens };
  const [from, first] = at;
  let end = first;
  while (end < tokens.length && !(end > first && stops(tokens, end))) {
    end += 1;
    if (itemAt(tokens, end - 1).pause) break;
  }
  const span = tokens.slice(first, end);
  const bare = textOfTokens(/^(when|in|with|from|by|on|under|at)$/.test(span[0]?.word ?? '') && span.length > 1 ? span.slice(1) : span);
  const before = tokens.slice(0, from);
  // The pause after it belongs to the part before: "instead of tap water, roses …".
  const rest = [
    ...before.map((token, i) =>
      i === from - 1 && tokens[end - 1]?.pause && end < tokens.length ? { ...token, pause: isMidSubject(tokens, end) ? '' : ',' } : token,
    ),
    ...tokens.slice(end),
  ];
  return { comparison: bare === '' || USUAL.test(bare.toLowerCase()) ? null : bare, rest };
}

const isMidSubject = (tokens: readonly Token[], end: number) => STOPS.test(tokens[end]?.word ?? '') || isPlantVerb(tokens[end]);

/** From where it is taken off, and where its own words begin. */
function startOf(tokens: readonly Token[]): readonly [from: number, first: number] | null {
  const words = tokens.map(({ word }) => word);
  for (let i = 1; i < words.length; i += 1) {
    const [one, two] = [words[i] ?? '', words[i + 1] ?? ''];
    if (one === 'than') return [words[i - 1] === 'rather' || words[i - 1] === 'other' ? i - 1 : i, i + 1];
    if (one === 'instead' && two === 'of') return [i, i + 2];
    if (one === 'compared' && /^(with|to)$/.test(two)) return [i, i + 2];
    if (one === 'as' && two === 'opposed') return [i, i + 3];
    if (/^(versus|vs)$/.test(one)) return [i, i + 1];
    if (/^(before|after)$/.test(one) && /^(those|ones|others)$/.test(two)) return [i, i + 1];
    // "As good as flower food": what it is held against.
    if (
      one === 'as' &&
      (words[i - 2] === 'as' || (words[i - 3] === 'as' && /^(many|much)$/.test(words[i - 2] ?? ''))) &&
      !/^(well|soon|long|far|possible|ever)$/.test(words[i - 1] ?? '') &&
      two
    )
      return [i, i + 1];
    if (one === 'not' && itemAt(tokens, i - 1).pause && !/^(only|just|so|too|be|to)$/.test(two)) return [i, i + 1];
  }
  return null;
}

function stops(tokens: readonly Token[], i: number): boolean {
  const { word } = itemAt(tokens, i);
  if (/^(if|when|because|while|since|so)$/.test(word)) return !ENTRIES.test(itemAt(tokens, i - 1).word);
  if (
    word === 'for' &&
    (/^(its|their|the|your)$/.test(tokens[i + 1]?.word ?? '') || tokens[i + 1]?.tags.has('Gerund') || namesPlant(tokens[i + 1]?.word ?? ''))
  )
    return true;
  if (word === 'at' && tokens[i + 1]?.tags.has('Gerund')) return true;
  if (/^(in|after)$/.test(word) && /^(a|an|one|two|three|four|five|six|\d+)$/.test(tokens[i + 1]?.word ?? '')) return true;
  return STOPS.test(word);
}
