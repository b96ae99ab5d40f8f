import type { Finding, Study } from '../model';
import { bySeverity } from '../plan/fairTest';
import { denominator } from './rules/denominator';

/** Every rule of the validity check. */
export const validityRules = [denominator] as const;

/** The validity check of a study that runs or has ended: what happened that makes its result hard to believe. */
export function validity(study: Study): Finding[] {
  return bySeverity(validityRules.flatMap((rule) => rule(study)));
}
