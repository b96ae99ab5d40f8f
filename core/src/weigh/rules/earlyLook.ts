import type { Finding, Study } from '../../model';
import { unitData } from '../../study/curves';

/** The measure that decides is weighed up before its last planned reading. */
export function earlyLook(study: Study): Finding[] {
  const { experiment } = study;
  const primary = experiment.measures.find((measure) => measure.primary);
  if (!primary || experiment.startedOn === null || primary.readingDays.length === 0) return [];
  const planned = Math.max(...primary.readingDays);
  const last = unitData(study, primary).reduce((latest, { curve }) => Math.max(latest, curve.at(-1)?.day ?? -1), -1);
  if (last < 0 || last >= planned) return [];
  return [
    {
      rule: 'early-look',
      severity: 'caution',
      message: `This is a look on day ${last}; the plan ends on day ${planned}. Looking early and stopping when it looks good finds things by luck.`,
      remedy: 'Go on to the planned end; only that verdict counts.',
    },
  ];
}
