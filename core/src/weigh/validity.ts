import { bySeverity, type Study } from '../model';
import type { Finding } from '../words/findings';
import { eventRules } from './eventEffects';
import { careDiffersRule } from './rules/careDiffers';
import { controlFailedRule } from './rules/controlFailed';
import { crossoverRule } from './rules/crossover';
import { denominatorRule } from './rules/denominator';
import { earlyLookRule } from './rules/earlyLook';
import { lateRule } from './rules/late';
import { looksDifferRule } from './rules/looksDiffer';
import { lossesDifferRule } from './rules/lossesDiffer';
import { missedRule } from './rules/missed';
import { nothingThereRule } from './rules/nothingThere';
import { observerRule } from './rules/observer';
import { outlierRule } from './rules/outlier';
import { readTwiceRule } from './rules/readTwice';
import { stepTimesRule } from './rules/stepTimes';
import { unconfirmedRule } from './rules/unconfirmed';

/** Every rule of the validity check, in the order in which a reader would weigh them. */
export const validityRules = [
  controlFailedRule,
  ...eventRules,
  lossesDifferRule,
  nothingThereRule,
  careDiffersRule,
  denominatorRule,
  missedRule,
  lateRule,
  stepTimesRule,
  unconfirmedRule,
  readTwiceRule,
  observerRule,
  earlyLookRule,
  crossoverRule,
  looksDifferRule,
  outlierRule,
] as const;

/**
 * The validity check of a study that runs or has ended: what happened that makes its result hard to believe.
 * @param study with all that was logged
 * @param today calendar date, where that is known: nothing is missed on its own day
 */
export function validity(study: Study, today?: string): Finding[] {
  return bySeverity(validityRules.flatMap((rule): readonly Finding[] => rule(study, today)));
}
