import type { ComparisonRow, MeasureResult } from './Result';

/**
 * The comparison that the verdict speaks of: of those with its code, the one with the largest gap.
 * @param result of a measure
 * @returns undefined where nothing is compared
 */
export function leadComparison({ comparisons, verdict }: Pick<MeasureResult, 'comparisons' | 'verdict'>): ComparisonRow | undefined {
  const size = (row: ComparisonRow) => Math.abs(row.difference.value ?? 0);
  const coded = comparisons.filter((row) => row.verdict === verdict.code);
  return [...(coded.length > 0 ? coded : comparisons)].sort((a, b) => size(b) - size(a))[0];
}
