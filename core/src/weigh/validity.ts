import { bySeverity, type Finding, type Study } from '../model';
import { eventRules } from './eventEffects';
import { careDiffers } from './rules/careDiffers';
import { controlFailed } from './rules/controlFailed';
import { crossover } from './rules/crossover';
import { denominator } from './rules/denominator';
import { earlyLook } from './rules/earlyLook';
import { late } from './rules/late';
import { looksDiffer } from './rules/looksDiffer';
import { lossesDiffer } from './rules/lossesDiffer';
import { missed } from './rules/missed';
import { nothingThere } from './rules/nothingThere';
import { observer } from './rules/observer';
import { outlier } from './rules/outlier';
import { readTwice } from './rules/readTwice';
import { stepTimes } from './rules/stepTimes';

/** Every rule of the validity check, in the order in which a reader would weigh them. */
export const validityRules = [
  controlFailed,
  ...eventRules,
  lossesDiffer,
  nothingThere,
  careDiffers,
  denominator,
  missed,
  late,
  stepTimes,
  readTwice,
  observer,
  earlyLook,
  crossover,
  looksDiffer,
  outlier,
] as const;

/**
 * The validity check of a study that runs or has ended: what happened that makes its result hard to believe.
 * @param study with all that was logged
 * @param today calendar date, where that is known: nothing is missed on its own day
 */
export function validity(study: Study, today?: string): Finding[] {
  return bySeverity(validityRules.flatMap((rule) => rule(study, today)));
}
