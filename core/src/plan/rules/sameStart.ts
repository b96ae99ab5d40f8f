import { itemAt } from '../../invariant';
import type { Experiment, Finding } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';

/** Arms that start on different days, when the day is not what is tested. */
export function sameStartRule(experiment: Experiment): Finding[] {
  if (/\b(date|day|time|moon|when|timing)\b/i.test(experiment.plan.changed)) return [];
  const starts = unitsByArm(experiment)
    .filter(({ units }) => units.length > 0)
    .map(({ arm, units }) => ({
      arm,
      days: [...new Set(units.map((unit) => unit.startedOn ?? experiment.startedOn ?? ''))].sort().join(', '),
    }));
  const odd = starts.find(({ days }) => days !== itemAt(starts, 0).days);
  if (!odd) return [];
  return [
    {
      rule: 'same-start',
      severity: 'serious',
      message: `${odd.arm.name} starts on ${odd.days}, but ${itemAt(starts, 0).arm.name} on ${itemAt(starts, 0).days}. Weather and age would differ as well.`,
      remedy: 'Start every arm on the same day, or some of each arm on each day, as blocks.',
    },
  ];
}
