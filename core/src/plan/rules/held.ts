import type { Experiment } from '../../model';
import type { Finding } from '../../words/findings';

/** Conditions that are usual for this kind of experiment, with no word on how they are kept the same. */
export function heldRule({ plan }: Experiment): Finding<'held'>[] {
  const said = new Set(plan.kept.filter(({ how }) => how.trim() !== '').map(({ what }) => what.trim().toLowerCase()));
  const what = plan.usuallyKept.filter((condition) => !said.has(condition.trim().toLowerCase()));
  return what.length === 0 ? [] : [{ rule: 'held', severity: 'caution', facts: { what } }];
}
