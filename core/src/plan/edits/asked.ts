import { comparisonsOf, isSame, type Asked, type Experiment } from '../../model';

/**
 * Asks for a comparison, or no longer. They stay in the order of the plan; with none chosen, all are asked.
 * @param one of `comparisonsOf`
 */
export function toggleAsked(experiment: Experiment, one: Asked): Experiment {
  const isChosen = (own: Asked) => experiment.asked.some((chosen) => isSame(chosen, own));
  const asked = comparisonsOf(experiment.arms).filter((own) => (isSame(own, one) ? !isChosen(own) : isChosen(own)));
  return { ...experiment, asked };
}
