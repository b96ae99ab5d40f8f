import type { Experiment } from '../../model';
import { daysSaid } from '../../ownWords/daysSaid';
import type { Finding } from '../../words/findings';

/** Somebody's own rule for the end names no day as late as the last on which something is read. */
export function endRule({ plan: { endRule: said, unworded }, measures }: Experiment): Finding<'end'>[] {
  const days = daysSaid(said).map(({ day }) => day);
  const last = Math.ceil(Math.max(0, ...measures.flatMap(({ readingDays }) => readingDays)));
  if (unworded.includes('endRule') || days.length === 0 || Math.max(...days) >= last) return [];
  return [{ rule: 'end', severity: 'caution', facts: { said: Math.max(...days), last } }];
}
