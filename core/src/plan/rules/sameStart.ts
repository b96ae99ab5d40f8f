import type { Experiment } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';
import type { Finding } from '../../words/findings';

/** Arms that start on different days, when the day is not what is tested. */
export function sameStartRule(experiment: Experiment): Finding<'same-start'>[] {
  if (experiment.plan.onPurpose.includes('start')) return [];
  const starts = unitsByArm(experiment)
    .filter(({ units }) => units.length > 0)
    .map(({ arm, units }) => ({
      name: arm.name,
      days: [...new Set(units.flatMap((unit) => unit.startedOn ?? experiment.startedOn ?? []))].sort(),
    }));
  const [other] = starts;
  const odd = starts.find(({ days }) => days.join() !== other?.days.join());
  if (!other || !odd) return [];
  return [
    {
      rule: 'same-start',
      severity: 'serious',
      facts: { name: odd.name, days: odd.days, other: other.name, otherDays: other.days },
    },
  ];
}
