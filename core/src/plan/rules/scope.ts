import type { Experiment } from '../../model';
import type { Finding } from '../../words/findings';

/** The claim promises more than this experiment tests. */
export function scopeRule({ plan }: Experiment): Finding<'scope'>[] {
  const parts = plan.notTested.filter((part) => part.trim() !== '');
  return parts.length === 0 ? [] : [{ rule: 'scope', severity: 'note', facts: { parts } }];
}
