import type { Experiment } from '../../model';
import type { Finding } from '../../words/findings';

/** A day after the start, as a rule for the end names it (typed days). */
const DAY = /\bday (\d{1,4})\b/gi;

/** Somebody's own rule for the end names no day as late as the last on which something is read. */
export function endRule({ plan: { endRule: said, unworded }, measures }: Experiment): Finding<'end'>[] {
  const days = [...said.matchAll(DAY)].map(([, day]) => Number(day));
  const last = Math.ceil(Math.max(0, ...measures.flatMap(({ readingDays }) => readingDays)));
  if (unworded.includes('endRule') || days.length === 0 || Math.max(...days) >= last) return [];
  return [{ rule: 'end', severity: 'caution', facts: { said: Math.max(...days), last } }];
}
