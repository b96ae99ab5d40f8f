import { kindOf } from '../../kinds';
import { primaryOf, type Experiment } from '../../model';
import type { Finding } from '../../words/findings';

/** The measure that decides is a judgement, and whoever judges knows the arm. */
export function blindRule({ measures, blinded }: Experiment): Finding<'blind'>[] {
  const primary = primaryOf(measures);
  if (!primary || blinded || !kindOf(primary).byEye) return [];
  return [{ rule: 'blind', severity: 'serious', facts: { measure: primary.name } }];
}
