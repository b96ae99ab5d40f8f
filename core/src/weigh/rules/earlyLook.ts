import { daysBetween, type Finding, type Study } from '../../model';
import { liveObservations } from '../liveObservations';

/** The measure that decides is weighed up before its last planned reading. */
export function earlyLook({ experiment, observations }: Study): Finding[] {
  const primary = experiment.measures.find((measure) => measure.primary);
  if (!primary || experiment.startedOn === null || primary.readingDays.length === 0) return [];
  const start = experiment.startedOn;
  const days = liveObservations(observations)
    .filter((seen) => seen.measure === primary.measure)
    .map((seen) => daysBetween(start, seen.observedOn));
  const planned = Math.max(...primary.readingDays);
  const last = Math.max(-1, ...days);
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
