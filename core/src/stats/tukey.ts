import { itemAt } from '../invariant';
import { findRoot } from './findRoot';
import { normalUpper } from './normalTails';
import { overSpread } from './overSpread';
import { gaussLegendre } from './quadrature';
import { tQuantile, tTwoSided } from './tTails';

/**
 * Chance that the widest of all pairwise gaps between `means` arms is at least q (studentized range) when nothing differs.
 * Integrated as a tail, so that small chances keep their digits, over the spread too, which needs no whole degrees of freedom.
 * Source: Tukey (1953); Kramer (1956) for unequal sizes; the integral as in Copenhaver & Holland (1988) J Stat Comput Simul 30:1–15.
 * @param q 0 or more
 * @param means number of arms, 2 or more
 * @param df degrees of freedom of the pooled spread, above 0
 * @returns a chance
 */
export function tukeyP(q: number, means: number, df: number): number {
  const one = tTwoSided(q / Math.SQRT2, df);
  if (means === 2 || q === 0) return one;
  // Nothing is left of all pairs together: what each pair has, added up, is never too small.
  const pairs = ((means * (means - 1)) / 2) * one;
  if (pairs < 1e-12) return pairs;
  return Math.min(
    1,
    pairs,
    Math.max(
      one,
      overSpread((s) => rangeBeyond(q * s, means), df, df < 5 ? 6 : 2),
    ),
  );
}

/** Where the largest of three normals or more lies, and how often there: from −4 to 7.5, beyond which it is not in ten million million. */
const LARGEST = (() => {
  const { nodes, weights } = gaussLegendre(48);
  return nodes.map((node, i) => {
    const z = 1.75 + 5.75 * node;
    return { z, below: normalUpper(-z), weight: (5.75 * itemAt(weights, i) * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI) };
  });
})();

/** P(range of `means` standard normals > width): over the largest of them. */
function rangeBeyond(width: number, means: number): number {
  const others = means - 1;
  const sum = LARGEST.reduce(
    (all, { z, below, weight }) => all + weight * (below ** others - (below - normalUpper(width - z)) ** others),
    0,
  );
  return means * sum;
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
