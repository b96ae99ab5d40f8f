import { plainTruth, type Truth } from '../simulate/Truth';
import type { ReadyQuestion } from './ReadyQuestion';

/** What usually lies behind a ready-made question, for a trial run of its plan. */
export function usualTruth(question: ReadyQuestion): Truth {
  const relative = question.measures.find((measure) => measure.primary)?.kind === 'count' ? 0.12 : question.spreadGuess;
  return plainTruth(Object.fromEntries(question.measures.map((measure) => [measure.measure, measure.usual])), {
    unitSpread: relative,
    daySpread: 0.01,
    ...question.usualTruth,
  });
}
