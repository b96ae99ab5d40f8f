import type { Experiment, Finding } from '../../model';
import { designOf } from '../../power/Design';
import { toStartWith } from '../../power/unitsFor';
import { counted } from '../../quantities/plural';
import { fewestUnits } from '../../study/replicates';
import { unitsByArm } from '../../study/unitsByArm';

/** Planned numbers leave no room for the losses that are to be expected. Once it has started, those that come are what counts. */
export function lossesRule(experiment: Experiment): Finding[] {
  const { plan, layout } = experiment;
  const survival = plan.expectedSurvival;
  if (survival === null || survival >= 1 || plan.lockedOn !== null) return [];
  const fewest = Math.min(...unitsByArm(experiment).map(({ units }) => units.length));
  const needed = fewestUnits(layout);
  const left = Math.floor(fewest * survival);
  if (fewest * survival >= needed || !Number.isFinite(fewest)) return [];
  return [
    {
      rule: 'losses',
      severity: 'caution',
      message: `Of ${counted(fewest, plan.unitNoun)} an arm ${left === 0 ? 'perhaps none' : `about ${left}`} will be there at the end. That is fewer than the ${needed} that a clear answer needs.`,
      remedy:
        designOf(experiment) === null
          ? `Start with ${toStartWith(needed, survival)} an arm.`
          : 'Start with more of them: “What could this show?” says how many.',
    },
  ];
}
