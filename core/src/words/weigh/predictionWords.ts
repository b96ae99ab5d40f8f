import { tupleOf } from '../../invariant';
import { kindOf } from '../../kinds';
import type { Arm, Experiment, Measure, Prediction } from '../../model';
import { centre } from '../../stats/moments';
import { withWhat, type LeadRow } from '../../weigh/leadComparison';
import { signedBy, type Outcome } from '../../weigh/predictionOutcomes';
import type { MeasureResult } from '../../weigh/Result';
import { armName } from '../armName';
import { sized } from '../sized';
import { differenceFact, intervalFact } from '../wording';

interface Held {
  readonly measure: Measure;
  readonly share: boolean;
  readonly arms: readonly Arm[];
}

/** What came of the way that was predicted; null where none was. */
export function waySentence({ way }: Prediction, outcome: Outcome, row: LeadRow, { measure, share, arms }: Held): string | null {
  if (way === null) return null;
  const wording = kindOf(measure).wording(measure, share);
  const said = `Said ${way === 'same' ? 'no difference' : wording[way]} ${withWhat(row, arms)}`;
  const gap = differenceFact(row, wording)?.text ?? '';
  if (outcome === 'open') return `${said}; the data can’t tell.`;
  if (outcome === 'came')
    return way === 'same' ? `${said}, and none that matters was found.` : `${said}, and that’s what happened: ${gap}.`;
  return row.verdict === 'no-difference-that-matters'
    ? `${said}; no difference that matters was found.`
    : `${said}; the result was different: ${gap}.`;
}

/** What came of the size that was predicted; null where none was, or no interval came. */
export function sizeSentence(prediction: Prediction, row: LeadRow, measure: Measure, { share }: MeasureResult): string | null {
  const by = signedBy(prediction);
  const wording = kindOf(measure).wording(measure, share);
  const interval = intervalFact(row, wording);
  if (by === null || interval === null || row.difference.ci95 === null) return null;
  const [lo, hi] = tupleOf(
    row.difference.ci95.map((end) => end * wording.scale),
    2,
  );
  const said = sized(String(Math.abs(by)), wording.unit);
  return by >= lo && by <= hi
    ? `A difference of ${said} agrees with the data: ${interval.text}.`
    : `A difference of ${said} doesn’t agree with the data: ${interval.text}.`;
}

/** What came of the order that was predicted; null where fewer than two of it came. */
export function rankingSentence({ ranking }: Prediction, { arms }: Experiment, { values }: MeasureResult): string | null {
  const meanOf = (code: string) => {
    const own = values.filter(({ arm }) => arm === code).map(({ value }) => value);
    return own.length === 0 ? null : centre(own);
  };
  const means = ranking.map(meanOf).filter((mean) => mean !== null);
  if (means.length < 2) return null;
  const pairs = means.flatMap((mean, i) => means.slice(i + 1).map((later) => mean > later));
  const right = pairs.filter(Boolean).length;
  const order = [...ranking].sort((a, b) => (meanOf(b) ?? 0) - (meanOf(a) ?? 0)).map((code) => armName(arms, code));
  return right === pairs.length
    ? `The groups came out in the predicted order: ${order.join(', ')}.`
    : `${right} of ${pairs.length} pairs were in the predicted order. The order was ${order.join(', ')}.`;
}
