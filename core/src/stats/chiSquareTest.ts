import { chiSquareUpper } from './chiSquareUpper';

export interface ChiSquareTest {
  readonly chiSquare: number;
  readonly df: number;
  readonly p: number;
}

/**
 * Pearson's chi-square for proportions of several arms, without continuity correction; successes and trials of each arm.
 * Null with fewer than two arms, or where all or none succeeded. Source: Pearson K (1900); Fleiss JL (1981).
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

/** Pearson's chi-square of counts against expected shares, as for a Mendelian ratio; shares need not add to 1. */
export function chiSquareFit(counts: readonly number[], shares: readonly number[]): ChiSquareTest | null {
  const total = counts.reduce((a, b) => a + b, 0);
  const whole = shares.reduce((a, b) => a + b, 0);
  if (counts.length < 2 || total === 0) return null;
  const chiSquare = counts.reduce((sum, seen, i) => {
    const expected = (total * shares[i]) / whole;
    return sum + (seen - expected) ** 2 / expected;
  }, 0);
  return { chiSquare, df: counts.length - 1, p: chiSquareUpper(chiSquare, counts.length - 1) };
}

/** Cochran–Armitage trend in proportions over scores (doses), without continuity correction. Source: Armitage P (1955) Biometrics 11:375–386. */
export function chiSquareTrend(arms: readonly (readonly [number, number])[], scores: readonly number[]): ChiSquareTest | null {
  const successes = arms.reduce((sum, [x]) => sum + x, 0);
  const trials = arms.reduce((sum, [, n]) => sum + n, 0);
  const share = successes / trials;
  const middle = arms.reduce((sum, [, n], i) => sum + n * scores[i], 0) / trials;
  const slope = arms.reduce((sum, [x, n], i) => sum + (x - n * share) * (scores[i] - middle), 0);
  const spread = share * (1 - share) * arms.reduce((sum, [, n], i) => sum + n * (scores[i] - middle) ** 2, 0);
  if (!(spread > 0)) return null;
  const chiSquare = (slope * slope) / spread;
  return { chiSquare, df: 1, p: chiSquareUpper(chiSquare, 1) };
}
