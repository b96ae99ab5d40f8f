import { itemAt, lastOf } from '../../invariant';
import type { Interval } from '../../stats/meanInterval';
import { wilson } from '../../stats/wilson';
import type { CurvePoint } from '../../model';
import { meanSproutTime, type MeanSproutTime } from './meanSproutTime';
import { medianSproutTime } from './medianSproutTime';
import { sproutCounts, totalSprouted, type SproutCounts } from './sproutCounts';

/** How fast and how evenly seeds sprouted; null where it cannot be said. */
export interface SproutIndices {
  readonly sprouted: number;
  readonly sown: number;
  readonly share: number | null;
  readonly shareCi95: Interval | null;
  /** Days to the (N + 1)/2-th sprout (Coolbear) and to the N/2-th (Farooq). */
  readonly t50Coolbear: number | null;
  readonly t50Farooq: number | null;
  readonly time: MeanSproutTime | null;
  /** Σ n/t, sprouts a day (Maguire 1962). */
  readonly speed: number | null;
  /** 100 Σn / Σnt, per cent a day (Kotowski 1926). */
  readonly velocity: number | null;
  /** Uncertainty of the days, −Σ f log₂ f, bit (Labouriau & Valadares 1976): 0 when all sprout on one day. */
  readonly uncertainty: number | null;
  /** Synchrony, share of pairs of seeds that sprout on one day (Primack 1980): 1 when all do. */
  readonly synchrony: number | null;
  /** Days between the first and the last sprout. */
  readonly spread: number | null;
}

/**
 * Sprouting indices of one unit from its totals on each reading day. Day 0 readings cannot give a speed and are left out of it.
 * Formulas as collected by Ranal MA & Santana DG (2006) Rev Bras Bot 29:1–11.
 */
export function sproutIndices(curve: readonly CurvePoint[], sown: number): SproutIndices {
  const sprouts = sproutCounts(curve);
  const sprouted = totalSprouted(sprouts);
  const none = sprouted === 0;
  const onDays = sprouts.days.filter((_, i) => itemAt(sprouts.counts, i) > 0);
  return {
    sprouted,
    sown,
    share: sown > 0 ? sprouted / sown : null,
    shareCi95: sprouted <= sown ? wilson(sprouted, sown) : null,
    t50Coolbear: medianSproutTime(sprouts, 'coolbear'),
    t50Farooq: medianSproutTime(sprouts, 'farooq'),
    time: meanSproutTime(sprouts),
    speed: none ? null : speed(sprouts),
    velocity: velocity(sprouts),
    uncertainty: none ? null : -sprouts.counts.reduce((sum, n) => (n > 0 ? sum + (n / sprouted) * Math.log2(n / sprouted) : sum), 0) + 0,
    synchrony: sprouted < 2 ? null : sprouts.counts.reduce((sum, n) => sum + n * (n - 1), 0) / (sprouted * (sprouted - 1)),
    spread: none ? null : lastOf(onDays) - itemAt(onDays, 0),
  };
}

function speed({ days, counts }: SproutCounts): number {
  return counts.reduce((sum, n, i) => (itemAt(days, i) > 0 ? sum + n / itemAt(days, i) : sum), 0);
}

function velocity({ days, counts }: SproutCounts): number | null {
  const seedDays = counts.reduce((sum, n, i) => sum + n * itemAt(days, i), 0);
  return seedDays > 0 ? (100 * counts.reduce((a, b) => a + b, 0)) / seedDays : null;
}
