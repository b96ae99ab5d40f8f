import { chiSquareUpper } from './chiSquareUpper';

export interface ChiSquareTest {
  readonly chiSquare: number;
  readonly df: number;
  readonly p: number;
}

/**
 * Pearson's chi-square for proportions of several arms, without continuity correction. Source: Pearson K (1900); Fleiss JL (1981).
 * @param arms successes and trials of each
 * @returns X², its degrees of freedom and p; null with fewer than two arms, or where all or none succeeded
 */
export function chiSquareProportions(arms: readonly (readonly [number, number])[]): ChiSquareTest | null {
  const used = arms.filter(([, trials]) => trials > 0);
  const successes = used.reduce((sum, [x]) => sum + x, 0);
  const trials = used.reduce((sum, [, n]) => sum + n, 0);
  const share = successes / trials;
  if (used.length < 2 || share === 0 || share === 1) return null;
  const chiSquare = used.reduce((sum, [x, n]) => sum + (x - n * share) ** 2 / (n * share * (1 - share)), 0);
  return { chiSquare, df: used.length - 1, p: chiSquareUpper(chiSquare, used.length - 1) };
}
