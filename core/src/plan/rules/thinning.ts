import type { Experiment } from '../../model';
import type { Finding } from '../../words/findings';

/** More is sown than is kept, and nothing says which plant stays. */
export function thinningRule({ units, plan }: Experiment): Finding<'thinning'>[] {
  const kept = plan.plantsKept;
  const sown = Math.max(0, ...units.map((unit) => unit.sown ?? 0));
  if (kept === null || sown <= kept || plan.thinningRule.trim() !== '') return [];
  return [{ rule: 'thinning', severity: 'caution', facts: { sown, kept, unit: plan.unitNoun } }];
}
