import { kindOf } from '../../kinds';
import type { Sentence } from '../../model/Sentence';
import { inList } from '../../quantities/inList';
import type { Judged } from './verdictSentence';
import { inRow } from '../../quantities/inRow';
import { armName } from '../armName';

/** The arms in order, and which of them cannot be told apart. */
export function rankingWords({ experiment, measure, comparisons, ranking }: Judged): Sentence {
  const named = (codes: readonly string[]) => inList(codes.map((code) => inRow(armName(experiment.arms, code))));
  if (ranking.length === 1) {
    const told = comparisons.filter(({ verdict }) => verdict === 'told-apart');
    const pairs = told.map(({ arm, versus }) => named([arm, versus]));
    return [pairs.length === 0 ? ' No clear difference between the treatments.' : ` Clearly different: ${pairs.join('; ')}.`];
  }
  const groups = ranking.map((codes) => `${named(codes)}${codes.length > 1 ? ', with no clear difference between them' : ''}`);
  const first = measure.higherIs === 'neither' ? (kindOf(measure).timed ? 'the latest' : 'the most') : 'the best';
  return [` In order, ${first} first: ${groups.join('; then ')}.`];
}
