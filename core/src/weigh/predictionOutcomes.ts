import { tupleOf } from '../invariant';
import type { Arm, Experiment, Measure, Prediction } from '../model';
import { kindOf } from '../kinds';
import { isDetected } from '../compare/judge';
import { centre } from '../stats/moments';
import { foretold } from '../study/foretold';
import { leadRow, withWhat, type LeadRow } from './leadComparison';
import type { MeasureResult } from './Result';
import { armName } from '../words/armName';
import { differenceFact, intervalFact } from '../words/wording';
import { sized } from '../words/sized';

type Outcome = 'came' | 'other-way' | 'open' | 'unsaid';

/** What a person foretold, beside what came. */
export interface PredictionOutcome {
  readonly person: string;
  readonly expects: string;
  readonly reason: string;
  readonly outcome: Outcome;
  /** What came of it, one thing a sentence; empty where nothing that could be compared was foretold. */
  readonly sentences: readonly string[];
}

/**
 * Holds each prediction against the result of the measure that decides.
 * @param experiment with its predictions
 * @param measure that decides
 * @returns in the order in which they were made
 */
export function predictionOutcomes(experiment: Experiment, measure: Measure, result: MeasureResult): PredictionOutcome[] {
  const row = foretoldRow(experiment, result);
  return experiment.plan.predictions.map((prediction) => {
    const outcome = row ? outcomeOf(prediction, row, kindOf(measure).byEye) : 'unsaid';
    const sentences = row
      ? [
          waySentence(prediction, outcome, row, { measure, share: result.share, arms: experiment.arms }),
          sizeSentence(prediction, row, measure, result),
          rankingSentence(prediction, experiment, result),
        ]
      : [];
    const { person, expects, reason } = prediction;
    return { person, expects, reason, outcome, sentences: sentences.filter((sentence) => sentence !== null) };
  });
}

/**
 * What came of that.
 * @param experiment with its arms
 * @param result of the measure that decides
 * @returns null where nothing came yet
 */
export function foretoldRow(experiment: Experiment, result: MeasureResult): LeadRow | null {
  const row = leadRow({ ...result, lead: foretold(experiment) }, experiment.arms);
  return row && row.difference.value !== null ? row : null;
}

interface Held {
  readonly measure: Measure;
  readonly share: boolean;
  readonly arms: readonly Arm[];
}

function outcomeOf({ way }: Prediction, row: LeadRow, byP: boolean): Outcome {
  if (way === null) return 'unsaid';
  const told = isDetected(row, byP);
  if (way === 'same') return told ? 'other-way' : row.verdict === 'no-difference-that-matters' ? 'came' : 'open';
  if (!told) return row.verdict === 'no-difference-that-matters' ? 'other-way' : 'open';
  return (row.difference.value ?? 0) > 0 === (way === 'more') ? 'came' : 'other-way';
}

function waySentence({ way }: Prediction, outcome: Outcome, row: LeadRow, { measure, share, arms }: Held): string | null {
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

function sizeSentence(prediction: Prediction, row: LeadRow, measure: Measure, { share }: MeasureResult): string | null {
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

/**
 * The size that was foretold, in the unit that is shown, less with a minus.
 * @param prediction of one person
 * @returns null where no size was said
 */
export function signedBy(prediction: Prediction): number | null {
  const { way, by } = prediction;
  return by === null || way === null || way === 'same' ? null : way === 'less' ? -by : by;
}

function rankingSentence({ ranking }: Prediction, { arms }: Experiment, { values }: MeasureResult): string | null {
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
