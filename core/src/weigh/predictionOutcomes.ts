import type { Experiment, Measure, Prediction } from '../model';
import { kindOf } from '../kinds';
import { isDetected } from '../compare/judge';
import { foretold } from '../study/foretold';
import { leadRow, type LeadRow } from './leadComparison';
import type { MeasureResult } from './Result';
import { rankingSentence, sizeSentence, waySentence } from '../words/weigh/predictionWords';

export type Outcome = 'came' | 'other-way' | 'open' | 'unsaid';

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

function outcomeOf({ way }: Prediction, row: LeadRow, byP: boolean): Outcome {
  if (way === null) return 'unsaid';
  const told = isDetected(row, byP);
  if (way === 'same') return told ? 'other-way' : row.verdict === 'no-difference-that-matters' ? 'came' : 'open';
  if (!told) return row.verdict === 'no-difference-that-matters' ? 'other-way' : 'open';
  return (row.difference.value ?? 0) > 0 === (way === 'more') ? 'came' : 'other-way';
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
