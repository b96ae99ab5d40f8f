import type { Experiment } from '../../model';
import type { Finding } from '../../words/findings';

/** No control arm, more than one, or nothing to compare it with. */
export function comparisonRule({ arms }: Experiment): Finding<'comparison'>[] {
  const controls = arms.filter((arm) => arm.role === 'control');
  const finding = (facts: Finding<'comparison'>['facts']): Finding<'comparison'>[] => [{ rule: 'comparison', severity: 'blocker', facts }];
  if (controls.length === 0) return finding({ is: 'no-control' });
  if (controls.length > 1) return finding({ is: 'controls', names: controls.map(({ name }) => name) });
  return arms.some((arm) => arm.role === 'treatment') ? [] : finding({ is: 'no-treatment' });
}
