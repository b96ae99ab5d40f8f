import type { Severity, Study } from '../model';

/** What the predictions are worth, and why. */
export type PredictionCheck =
  | { readonly is: 'none' }
  | { readonly is: 'late'; readonly count: number; readonly first: string }
  | { readonly is: 'open'; readonly count: number }
  | { readonly is: 'fine'; readonly count: number; readonly isRead: boolean };

export const predictionSeverity: Readonly<Record<PredictionCheck['is'], Severity | 'fine'>> = {
  none: 'caution',
  late: 'serious',
  open: 'caution',
  fine: 'fine',
};

/**
 * Whether predictions were written down before the data, as far as their days and the readings show, and can be held against the result.
 * @returns fine only where each says which way, and none is younger than the day of the first reading
 */
export function predictionCheck({ experiment, observations }: Study): PredictionCheck {
  const { predictions } = experiment.plan;
  if (predictions.length === 0) return { is: 'none' };
  const first = observations.map(({ observedOn }) => observedOn.slice(0, 10)).sort()[0];
  const late = predictions.filter(({ on }) => first !== undefined && on > first).length;
  if (late > 0) return { is: 'late', count: late, first: first ?? '' };
  const open = predictions.filter(({ way, ranking }) => way === null && ranking.length === 0).length;
  if (open > 0) return { is: 'open', count: open };
  // A prediction has a day and no time: on that of the first reading nobody knows which came first.
  return { is: 'fine', count: predictions.length, isRead: first !== undefined };
}
