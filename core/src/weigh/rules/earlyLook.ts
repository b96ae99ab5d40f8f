import { primaryOf, type Finding, type Study } from '../../model';
import { unitData } from '../../study/curves';
import { progressOf } from '../progress';

/** The measure that decides is weighed up before its last planned reading. */
export function earlyLookRule(study: Study): Finding[] {
  const { experiment } = study;
  const primary = primaryOf(experiment.measures);
  const progress = primary && experiment.startedOn !== null ? progressOf(primary, unitData(study, primary)) : null;
  if (progress === null) return [];
  return [
    {
      rule: 'early-look',
      severity: 'caution',
      message: `This is a look on day ${progress.day}; the plan ends on day ${progress.lastDay}. Looking early and stopping when it looks good finds things by luck.`,
      remedy: 'Go on to the planned end; only that verdict counts.',
    },
  ];
}
