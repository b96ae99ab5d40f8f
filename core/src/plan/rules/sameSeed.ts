import { itemAt } from '../../invariant';
import type { Experiment } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';
import type { Finding } from '../../words/findings';

/** Seed lots or mother plants are not shared out alike between the arms. */
export function sameSeedRule(experiment: Experiment): Finding<'same-seed'>[] {
  if (experiment.plan.onPurpose.includes('seed')) return [];
  const all = unitsByArm(experiment).map(({ arm, units }) => ({
    name: arm.name,
    lots: [...new Set(units.flatMap(({ lot }) => lot ?? []))].sort(),
    key: [...new Set(units.map(({ lot }) => lot ?? ''))].sort().join(),
  }));
  const other = itemAt(all, 0);
  const odd = all.find(({ key }) => key !== other.key);
  if (!odd) return [];
  return [
    {
      rule: 'same-seed',
      severity: 'caution',
      facts: { name: odd.name, lots: odd.lots, other: other.name, otherLots: other.lots },
    },
  ];
}
