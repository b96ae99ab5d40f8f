import { chiSquareProportions } from '../stats/chiSquareTest';
import { fisherExact } from '../stats/fisherExact';
import { normalQuantile } from '../stats/normalTails';
import { newcombe } from '../stats/newcombe';
import type { Contrast } from './Contrast';
import type { TestRow } from './TestRow';
import { armPairs, emptyContrast, type Compared, type Comparisons } from './Compared';
import { ratioOfMeans } from './ratio';

/** Successes and sown of an arm, added over its units that were counted. */
export type Tally = readonly [successes: number, trials: number];

/** One unit an arm: Newcombe's interval of the seeds alone, and Fisher's exact test beside it; no p, since the unit cannot be told from the treatment. */
export function singleCounts(compared: Compared, counts: ReadonlyMap<string, Tally>): Comparisons {
  const pairs = armPairs(compared);
  const adjusted = pairs.length > 1 ? 'holm' : 'none';
  const contrasts = pairs.map((pair): Contrast => {
    const treated = counts.get(pair.arm);
    const control = counts.get(pair.versus);
    const exact = treated && control ? fisherExact(treated, control) : null;
    if (!treated || !control || !exact) return emptyContrast(pair.arm, pair.versus, adjusted);
    const [pT, pC] = [treated[0] / treated[1], control[0] / control[1]];
    return {
      ...pair,
      difference: { value: pT - pC, ci95: newcombe(treated, control, 1 - 0.05 / pairs.length) },
      ratio: ratioOfMeans(pT, pC, (pT * (1 - pT)) / treated[1], (pC * (1 - pC)) / control[1], 0, normalQuantile(1 - 0.025 / pairs.length)),
      p: null,
      adjusted,
    };
  });
  return {
    tests: pooledTests(compared, counts),
    terms: [],
    contrasts,
    trend: null,
    reasons: ['Each group has one unit, which can’t be separated from the treatment. An interval here is that of the seeds alone.'],
  };
}

/** Fisher's test of each comparison on the pooled counts, and chi-square over three or more arms: as if each seed were a unit. */
export function pooledTests(compared: Compared, counts: ReadonlyMap<string, Tally>): TestRow[] {
  const mark = { ignoresUnits: true };
  const rows = armPairs(compared).flatMap((pair): TestRow[] => {
    const treated = counts.get(pair.arm);
    const control = counts.get(pair.versus);
    const exact = treated && control ? fisherExact(treated, control) : null;
    if (!treated || !control || !exact) return [];
    const odds = (treated[0] * (control[1] - control[0])) / ((treated[1] - treated[0]) * control[0]);
    const statistic = Number.isFinite(odds) ? { name: 'odds ratio', value: odds } : { name: 'successes', value: treated[0] };
    return [{ method: 'fisher-exact', ...pair, statistic, df: [], p: exact.twoSided, ...mark }];
  });
  const chi = compared.arms.length > 2 ? chiSquareProportions(compared.arms.map((arm) => counts.get(arm.code) ?? [0, 0])) : null;
  if (chi) rows.push({ method: 'chi-square', statistic: { name: 'chi-square', value: chi.chiSquare }, df: [chi.df], p: chi.p, ...mark });
  return rows;
}

/**
 * A comparison of shares whose interval is no narrower than the seeds alone allow, and stays within 100 points: dishes that came out alike
 * by chance say no more than all their seeds together.
 * @param counts successes and sown of each arm
 * @param comparisons how many are held at once
 * @returns as it was where an arm was not counted, or where nothing can be compared
 * Source: Newcombe RG (1998) Stat Med 17:873–890, method 10, over the arms' totals.
 */
export function noNarrowerThanSeeds(row: Contrast, counts: ReadonlyMap<string, Tally>, comparisons: number): Contrast {
  const [treated, control] = [counts.get(row.arm), counts.get(row.versus)];
  const seeds = treated && control ? newcombe(treated, control, 1 - 0.05 / comparisons) : null;
  if (seeds === null || row.p === null) return row;
  const [lo, hi] = row.difference.ci95 ?? seeds;
  const ci95 = [Math.max(-1, Math.min(lo, seeds[0])), Math.min(1, Math.max(hi, seeds[1]))] as const;
  return { ...row, difference: { ...row.difference, ci95 } };
}
