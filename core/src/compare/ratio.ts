import type { Interval } from '../stats/meanInterval';

export interface Ratio {
  readonly value: number | null;
  readonly ci95: Interval | null;
}

const NOTHING = 1e-12;

/**
 * Ratio of two means with its interval on the log scale by the delta method; null unless both means are above 0.
 * @param covariance of the two means (0 where the arms are independent)
 * @param critical how many standard errors the interval spans, the same as for the difference
 */
export function ratioOfMeans(
  treated: number,
  control: number,
  varianceTreated: number,
  varianceControl: number,
  covariance: number,
  critical: number | null,
): Ratio {
  // A mean that is 0 but for the last bits of the fit has no ratio.
  if (!(treated > NOTHING * Math.abs(control)) || !(control > NOTHING * Math.abs(treated))) return { value: null, ci95: null };
  const value = treated / control;
  if (!Number.isFinite(value) || value === 0) return { value: null, ci95: null };
  const spread = varianceTreated / treated ** 2 + varianceControl / control ** 2 - (2 * covariance) / (treated * control);
  if (critical === null || !Number.isFinite(spread)) return { value, ci95: null };
  const factor = Math.exp(critical * Math.sqrt(Math.max(0, spread)));
  const ci95: Interval = [value / factor, value * factor];
  return { value, ci95: ci95.every(Number.isFinite) ? ci95 : null };
}
