import type { Experiment } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';
import type { Finding } from '../../words/findings';

/** Arms with different numbers of units, or of seeds in them: allowed, since rates are compared, but said. */
export function unequalRule(experiment: Experiment): Finding<'unequal'>[] {
  const arms = unitsByArm(experiment);
  const finding = (facts: Finding<'unequal'>['facts']): Finding<'unequal'> => ({ rule: 'unequal', severity: 'note', facts });
  const groups = arms.map(({ arm, units }) => ({ name: arm.name, units: units.length }));
  const numbers = [...new Set(arms.flatMap(({ units }) => units.flatMap(({ sown }) => sown ?? [])))].sort((a, b) => a - b);
  return [
    ...(new Set(groups.map(({ units }) => units)).size > 1 ? [finding({ is: 'units', groups })] : []),
    ...(numbers.length > 1 ? [finding({ is: 'sown', unit: experiment.plan.unitNoun, numbers })] : []),
  ];
}
