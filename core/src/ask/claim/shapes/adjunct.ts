import { itemAt } from '../../../invariant';
import type { Token } from '../language';
import type { Halves } from './Halves';

const ADJUNCT =
  /^(with|in|under|on|from|at|through|during|inside|using|among|around|near|beside|without|after|before|when|next|thanks|due|because|against|between|over|by|if|while|upside|outdoors|indoors|into|following|above|below)$/;
const KEEPS_WORD =
  /^(next|near|beside|without|after|before|among|between|around|upside|over|outdoors|indoors|against|during|inside|above|below)$/;
const NO_ADJUNCT =
  /^(a|an|one|two|three|four|five|six|seven|eight|ten|twelve|\d+|half|just|only|about|less|general|fact|time|hot|summer|winter|spring|autumn|spite|size|height|weight|length|number|colou?r|leaning|wilting|rotting|falling|drying|bolting|sprouting|germinating|flowering|going|getting|slugs|aphids|pests|snails|mildew|mould|mold|blight|disease|the|your|my|all|every)$/;

/** "… grow better with worm castings": the part after the effect that says what is done. */
export function adjunctOf(predicate: readonly Token[]): Halves | null {
  for (let i = 1; i < predicate.length; i += 1) {
    const [word, next] = [itemAt(predicate, i).word, predicate[i + 1]];
    if (!ADJUNCT.test(word) || !next || (/^(of|away|off)$/.test(itemAt(predicate, i - 1).word) && word === 'from')) continue;
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
  const next = itemAt(predicate, i + 1).word;
  const second = predicate[i + 2]?.word ?? '';
  const isStay =
    /^(days?|weeks?|months?|years?|hours?|nights?|summer|winter|spring|autumn|season|time|garden|ground|world|end|morning|evening|size|height|weight|long|short)$/;
  if (
    /^(from|against)$/.test(itemAt(predicate, i).word) &&
    /^(keeps?|stops?|prevents?|protects?|saves?)$/.test(
      predicate
        .slice(0, i)
        .map(({ word }) => word)
        .find((word) => /^(keeps?|stops?|prevents?|protects?|saves?|kept)$/.test(word)) ?? '',
    )
  )
    return true;
  if (itemAt(predicate, i).word === 'in' && /^(half|less)$/.test(next)) return true;
  if (itemAt(predicate, i).word === 'by' && /^(a|an|half|about|up|\d.*|day|one|two|three|far|itself)$/.test(next)) return true;
  if (/^(the|your|my|all|every|hot|cold|general|fact|summer|winter|spring|autumn|spite|size|height|weight|length|number)$/.test(next))
    return isStay.test(second) || isStay.test(next) || /^(general|fact|spite)$/.test(next);
  if (/^(a|an|one|two|three|four|five|six|seven|eight|ten|twelve|\d+|about|just|only|as)$/.test(next))
    return isStay.test(second) || isStay.test(predicate[i + 3]?.word ?? '') || /^(about|just|only|as)$/.test(next);
  return NO_ADJUNCT.test(next);
}
