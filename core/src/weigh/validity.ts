import { bySeverity, type Finding, type Study } from '../model';
import { careDiffers } from './rules/careDiffers';
import { controlFailed } from './rules/controlFailed';
import { crossover } from './rules/crossover';
import { denominator } from './rules/denominator';
import { earlyLook } from './rules/earlyLook';
import { equipment } from './rules/equipment';
import { late } from './rules/late';
import { looksDiffer } from './rules/looksDiffer';
import { lossesDiffer } from './rules/lossesDiffer';
import { missed } from './rules/missed';
import { mixUp } from './rules/mixUp';
import { nothingThere } from './rules/nothingThere';
import { observer } from './rules/observer';
import { outlier } from './rules/outlier';
import { pestOrDisease } from './rules/pestOrDisease';
import { protocolChange } from './rules/protocolChange';
import { readTwice } from './rules/readTwice';
import { transfer } from './rules/transfer';
import { weather } from './rules/weather';

/** Every rule of the validity check, in the order in which a reader would weigh them. */
export const validityRules = [
  controlFailed,
  protocolChange,
  equipment,
  pestOrDisease,
  weather,
  lossesDiffer,
  nothingThere,
  careDiffers,
  mixUp,
  denominator,
  missed,
  late,
  readTwice,
  observer,
  earlyLook,
  crossover,
  looksDiffer,
  outlier,
  transfer,
] as const;

/**
 * The validity check of a study that runs or has ended: what happened that makes its result hard to believe.
 * @param study with all that was logged
 * @param today calendar date, where that is known: nothing is missed on its own day
 */
export function validity(study: Study, today?: string): Finding[] {
  return bySeverity(validityRules.flatMap((rule) => rule(study, today)));
}
