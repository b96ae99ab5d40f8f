import { primaryOf, type Study } from '../../model';
import { unitData } from '../../study/curves';
import { progressOf } from '../progress';
import type { Finding } from '../../words/findings';

/** The measure that decides is weighed up before its last planned reading. */
export function earlyLookRule(study: Study): Finding<'early-look'>[] {
  const { experiment } = study;
  const primary = primaryOf(experiment.measures);
  const progress = primary && experiment.startedOn !== null ? progressOf(primary, unitData(study, primary)) : null;
  if (progress === null) return [];
  return [{ rule: 'early-look', severity: 'caution', facts: { day: progress.day, lastDay: progress.lastDay } }];
}
