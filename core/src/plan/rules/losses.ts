import type { Experiment } from '../../model';
import { designOf } from '../../power/Design';
import { toStartWith } from '../../power/unitsFor';
import { fewestUnits } from '../../study/replicates';
import { unitsByArm } from '../../study/unitsByArm';
import type { Finding } from '../../words/findings';

/** Planned numbers leave no room for the losses that are to be expected. Once it has started, those that come are what counts. */
export function lossesRule(experiment: Experiment): Finding<'losses'>[] {
  const { plan, layout } = experiment;
  const survival = plan.expectedSurvival;
  if (survival === null || survival >= 1 || plan.lockedOn !== null) return [];
  const fewest = Math.min(...unitsByArm(experiment).map(({ units }) => units.length));
  const needed = fewestUnits(layout);
  const left = Math.floor(fewest * survival);
  if (fewest * survival >= needed || !Number.isFinite(fewest)) return [];
  const start = designOf(experiment) === null ? toStartWith(needed, survival) : null;
  return [{ rule: 'losses', severity: 'caution', facts: { each: fewest, unit: plan.unitNoun, left, needed, start } }];
}
