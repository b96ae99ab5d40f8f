import { itemAt } from '../invariant';
import { fUpper } from './fUpper';
import { centre, variance } from './moments';

export interface WelchAnova {
  readonly f: number;
  readonly df: readonly [number, number];
  readonly p: number;
}

/**
 * Welch's analysis of variance for groups that may differ in spread. Source: Welch BL (1951) Biometrika 38:330–336.
 * @param groups one list of unit values a group
 * @returns F, its degrees of freedom and p; null where a group has fewer than two units or no spread
 */
export function welchAnova(groups: readonly (readonly number[])[]): WelchAnova | null {
  const variances = groups.map(variance);
  if (groups.length < 2 || variances.some((v) => v === null || v === 0)) return null;
  const weights = groups.map((group, i) => group.length / (variances[i] ?? 1));
  const total = weights.reduce((a, b) => a + b, 0);
  const means = groups.map(centre);
  const grand = means.reduce((sum, m, i) => sum + itemAt(weights, i) * m, 0) / total;
  const k = groups.length;
  const lambda = groups.reduce((sum, group, i) => sum + (1 - itemAt(weights, i) / total) ** 2 / (group.length - 1), 0);
  const between = means.reduce((sum, m, i) => sum + itemAt(weights, i) * (m - grand) ** 2, 0) / (k - 1);
  const f = between / (1 + (2 * (k - 2) * lambda) / (k * k - 1));
  const df2 = (k * k - 1) / (3 * lambda);
  return { f, df: [k - 1, df2], p: fUpper(f, k - 1, df2) };
}
