import { itemAt } from '../../invariant';
import type { Experiment, Finding } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';

/** Seed lots or mother plants are not shared out alike between the arms. */
export function sameSeedRule(experiment: Experiment): Finding[] {
  if (/\b(seed|lot|variety|mother|kind)s?\b/i.test(experiment.plan.changed)) return [];
  const lots = unitsByArm(experiment).map(({ arm, units }) => ({
    arm,
    own: [...new Set(units.map((unit) => unit.lot ?? ''))].sort().join(', '),
  }));
  const odd = lots.find(({ own }) => own !== itemAt(lots, 0).own);
  if (!odd) return [];
  return [
    {
      rule: 'same-seed',
      severity: 'caution',
      message: `${odd.arm.name} has ${odd.own || 'no named lot'}, but ${itemAt(lots, 0).arm.name} has ${itemAt(lots, 0).own || 'no named lot'}. Old or weak seed would look like the treatment.`,
      remedy: 'Mix the seed first, or give every arm some of each lot. A cutting cut in two makes a pair.',
    },
  ];
}
