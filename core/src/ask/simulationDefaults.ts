import { kindOf } from '../kinds';
import { plainTruth, primaryOf, type Truth } from '../model';
import type { ReadyQuestion } from './ReadyQuestion';

/**
 * What usually lies behind a ready-made question, for a trial run of its plan.
 * @param question from the library
 * @returns values in each measure's own unit
 */
export function simulationDefaults(question: ReadyQuestion): Truth {
  const primary = primaryOf(question.measures);
  // The guess for a count of the sown is in points, which says nothing of sizes.
  const relative = primary && kindOf(primary).ofSown ? 0.12 : question.spreadGuess;
  return plainTruth(Object.fromEntries(question.measures.flatMap(({ code: measure, usual }) => (usual ? [[measure, usual]] : []))), {
    unitSpread: relative,
    daySpread: 0.01,
    ...question.usualTruth,
  });
}
