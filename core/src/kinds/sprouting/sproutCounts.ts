import type { CurvePoint } from '../../model';

/** Seeds that newly sprouted by each reading day. A seed counted on a day sprouted some time since the reading before. */
export interface SproutCounts {
  readonly days: readonly number[];
  /** Newly sprouted since the reading before, one a day in `days`. */
  readonly counts: readonly number[];
}

/** New sprouts at each reading from a curve of totals so far; a total that falls counts as none new. */
export function sproutCounts(curve: readonly CurvePoint[]): SproutCounts {
  let most = 0;
  const counts = curve.map(({ value }) => {
    const fresh = Math.max(0, value - most);
    most = Math.max(most, value);
    return fresh;
  });
  return { days: curve.map(({ day }) => day), counts };
}

/** All sprouted. */
export function totalSprouted({ counts }: SproutCounts): number {
  return counts.reduce((a, b) => a + b, 0);
}
