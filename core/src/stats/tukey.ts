import jstat from 'jstat';
import { findRoot } from './findRoot';
import { tQuantile, tTwoSided } from './tTails';

const FEWEST_DF = 2;

/**
 * Chance that the widest of all pairwise gaps between `means` arms is at least q (studentized range) when nothing differs.
 * Where the library has lost its digits (far tails, fewer than 2 df) the sum over all pairs is given: never too small, and close in the
 * far tail.
 * Source: Tukey (1953); Kramer (1956) for unequal sizes; Copenhaver & Holland (1988), as in the jStat library.
 * @param q 0 or more
 * @param means number of arms, 2 or more
 * @param df degrees of freedom of the pooled spread
 * @returns a chance
 */
export function tukeyP(q: number, means: number, df: number): number {
  if (means === 2) return tTwoSided(q / Math.SQRT2, df);
  const pairs = Math.min(1, ((means * (means - 1)) / 2) * tTwoSided(q / Math.SQRT2, df));
  if (pairs < 1e-7 || df < FEWEST_DF) return pairs;
  return Math.min(pairs, Math.max(0, 1 - jstat.jStat.tukey.cdf(q, means, df)));
}

/**
 * The studentized range exceeded with chance `alpha`.
 * @param means number of arms, 2 or more
 * @param df degrees of freedom of the pooled spread
 * @param alpha chance that any gap exceeds it
 * @returns q
 * @example tukeyCritical(3, 10) // 3.877
 */
export function tukeyCritical(means: number, df: number, alpha = 0.05): number {
  const key = `${means} ${df} ${alpha}`;
  const found = known.get(key) ?? findCritical(means, df, alpha);
  if (known.size < MOST_KNOWN) known.set(key, found);
  return found;
}

// Experiments that are played through ask for the same critical value in every run.
const known = new Map<string, number>();
const MOST_KNOWN = 200;

function findCritical(means: number, df: number, alpha: number): number {
  const start = Math.SQRT2 * tQuantile(1 - alpha / 2, df);
  const widest = Math.SQRT2 * tQuantile(1 - alpha / (means * (means - 1)), df) * 1.001;
  return findRoot((q) => tukeyP(q, means, df) - alpha, start * 0.999, widest);
}
