import { comparisonsOf, isApart, isSame, type Asked, type Experiment } from '../../model';

/**
 * Asks for a comparison, or no longer. They stay in the order of the plan; with none chosen, each treatment is asked against the control.
 * Whoever asks for two treatments against one another has all arms compared in pairs; with none of these left, with the control alone.
 * @param one of `comparisonsOf`
 */
export function toggleAsked(experiment: Experiment, one: Asked): Experiment {
  const { arms } = experiment;
  const isChosen = (own: Asked) => experiment.asked.some((chosen) => isSame(chosen, own));
  const asked = comparisonsOf(arms).filter((own) => (isSame(own, one) ? !isChosen(own) : isChosen(own)));
  if (!isApart(one, arms)) return { ...experiment, asked };
  return { ...experiment, asked, comparison: asked.some((own) => isApart(own, arms)) ? 'all-pairs' : 'control' };
}
