import type { CurvePoint } from '../../model';
import { sproutCounts } from './sproutCounts';

/** Seeds that sprouted some time after day `from` and by day `to`, and the share of the sown that had sprouted by then. */
export interface SproutStep {
  readonly from: number;
  readonly to: number;
  readonly fresh: number;
  readonly share: number;
}

/** The cumulative sprouting curve of a unit with each reading as the interval that it is; empty without seeds. */
export function sproutSteps(curve: readonly CurvePoint[], sown: number): SproutStep[] {
  if (sown <= 0) return [];
  let total = 0;
  const { days, counts } = sproutCounts(curve);
  return days.map((to, i) => {
    total += counts[i];
    return { from: i === 0 ? 0 : days[i - 1], to, fresh: counts[i], share: total / sown };
  });
}
