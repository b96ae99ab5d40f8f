import type { WelchT } from './welchT';
import { centre, variance } from './moments';
import { tQuantile, tTwoSided } from './tTails';

/**
 * Student's t test on the differences inside pairs (treated − control), one difference a pair.
 * Null with fewer than two pairs or where all differences are equal. Source: Student (1908) Biometrika 6:1–25.
 * @param differences one a pair, in the values' unit
 * @returns t, its degrees of freedom, p and the interval; null with fewer than two pairs or where all differences are equal
 */
export function pairedT(differences: readonly number[]): WelchT | null {
  const spread = variance(differences);
  if (spread === null || spread === 0) return null;
  const df = differences.length - 1;
  const difference = centre(differences);
  const standardError = Math.sqrt(spread / differences.length);
  const t = difference / standardError;
  const half = tQuantile(0.975, df) * standardError;
  return { difference, standardError, t, df, p: tTwoSided(t, df), ci95: [difference - half, difference + half] };
}
