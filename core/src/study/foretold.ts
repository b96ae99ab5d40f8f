import { askedOf, isSame, type Asked, type Experiment } from '../model';

/**
 * What a prediction speaks of: the first of what is asked.
 * @returns null while nothing can be compared
 */
export const foretold = (experiment: Experiment): Asked | null => askedOf(experiment)[0] ?? null;

/**
 * Takes the ways and sizes out of predictions that were of something else; who it was, and why, stays.
 */
export function withoutWays(experiment: Experiment): Experiment {
  const { plan } = experiment;
  if (plan.predictions.every(({ way, by }) => way === null && by === null)) return experiment;
  return { ...experiment, plan: { ...plan, predictions: plan.predictions.map((own) => ({ ...own, way: null, by: null })) } };
}

/** Whether a prediction speaks of the same before and after an edit. */
export function foretellsTheSame(before: Experiment, after: Experiment): boolean {
  const [was, is] = [foretold(before), foretold(after)];
  return was !== null && is !== null && isSame(was, is);
}
