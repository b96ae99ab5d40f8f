import { addAt, itemAt } from '../invariant';
import type { Interval } from './meanInterval';
import { normalQuantile, normalUpper } from './normalTails';
import { ranks } from './ranks';

export interface MannWhitney {
  /** Number of (treated, control) pairs in which the treated is higher, ties counting one half. */
  readonly u: number;
  readonly p: number;
  readonly exact: boolean;
  /** Chance that a treated unit beats a control unit, ties counting one half. */
  readonly superiority: number;
  /** Hodges–Lehmann shift: median of all treated − control gaps. */
  readonly shift: number;
  readonly ci95: Interval | null;
}

/**
 * Mann–Whitney test, exact where there are no ties and at most 20 units an arm, else normal with tie and continuity correction.
 * Null with an empty arm. Sources: Mann & Whitney (1947); Hollander & Wolfe (1973) ch. 4 for the shift and its interval.
 * @param treated one value a unit
 * @param control one value a unit
 * @param level of the interval of the shift
 * @returns U, p, shift and chance of superiority; null with an empty arm
 */
export function mannWhitney(treated: readonly number[], control: readonly number[], level = 0.95): MannWhitney | null {
  const m = treated.length;
  const n = control.length;
  if (m === 0 || n === 0) return null;
  const { ranks: all, tieTerm } = ranks([...treated, ...control]);
  const u = all.slice(0, m).reduce((a, b) => a + b, 0) - (m * (m + 1)) / 2;
  const gaps = treated.flatMap((t) => control.map((c) => t - c)).sort((a, b) => a - b);
  const half = Math.floor(gaps.length / 2);
  const shift = gaps.length % 2 === 1 ? itemAt(gaps, half) : (itemAt(gaps, half - 1) + itemAt(gaps, half)) / 2;
  const exact = tieTerm === 0 && m <= 20 && n <= 20;
  const total = m + n;
  const deviation = Math.sqrt(((m * n) / 12) * (total + 1 - tieTerm / (total * (total - 1))));
  const middle = (m * n) / 2;

  let p = 1;
  let cut = 0;
  if (exact) {
    const below = cumulativeU(m, n);
    const lower = itemAt(below, Math.min(u, m * n - u));
    p = Math.min(1, 2 * lower);
    while (cut < below.length && itemAt(below, cut) <= (1 - level) / 2) cut++;
  } else if (deviation > 0) {
    p = Math.min(1, 2 * normalUpper(Math.max(0, Math.abs(u - middle) - 0.5) / deviation));
    cut = Math.max(0, Math.round(middle - normalQuantile((1 + level) / 2) * deviation));
  }
  const ci95: Interval | null = cut > 0 ? [itemAt(gaps, cut - 1), itemAt(gaps, gaps.length - cut)] : null;
  return { u, p, exact, superiority: u / (m * n), shift, ci95 };
}

/** P(U ≤ u) for u = 0 … m·n where all orders are equally likely, by the recurrence of Mann & Whitney (1947). */
function cumulativeU(m: number, n: number): Float64Array {
  // counts[j][u]: ways with j treated among those placed so far.
  const size = m * n + 1;
  const counts = Array.from({ length: m + 1 }, () => new Float64Array(size));
  itemAt(counts, 0)[0] = 1;
  for (let placed = 1; placed <= m + n; placed++) {
    for (let j = Math.min(m, placed); j >= 1; j--) {
      // A treated value placed after (placed − j) controls beats each of them.
      const beaten = placed - j;
      if (beaten > n) continue;
      const [now, before] = [itemAt(counts, j), itemAt(counts, j - 1)];
      for (let u = size - 1; u >= beaten; u--) addAt(now, u, itemAt(before, u - beaten));
    }
  }
  const row = itemAt(counts, m);
  const total = row.reduce((a, b) => a + b, 0);
  let sum = 0;
  return row.map((count) => (sum += count) / total);
}
