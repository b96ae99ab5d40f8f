import { itemAt } from '../../invariant';
import { totalSprouted, type SproutCounts } from './sproutCounts';

export interface MeanSproutTime {
  /** Mean days to sprouting, Σnt/Σn. */
  readonly mean: number;
  /** Σn(t − mean)²/(Σn − 1), days²; null with one sprout. */
  readonly variance: number | null;
  /** Standard error of the mean, days; null with one sprout. */
  readonly standardError: number | null;
}

/** Mean time to sprouting, null without sprouts. Sources: Ellis RH & Roberts EH (1980); Ranal MA & Santana DG (2006) Rev Bras Bot 29:1–11. */
export function meanSproutTime({ days, counts }: SproutCounts): MeanSproutTime | null {
  const total = totalSprouted({ days, counts });
  if (total === 0) return null;
  const mean = counts.reduce((sum, n, i) => sum + n * itemAt(days, i), 0) / total;
  if (total < 2) return { mean, variance: null, standardError: null };
  const variance = counts.reduce((sum, n, i) => sum + n * (itemAt(days, i) - mean) ** 2, 0) / (total - 1);
  return { mean, variance, standardError: Math.sqrt(variance / total) };
}
