import { addAt, itemAt } from '../invariant';
import { chiSquareUpper } from './chiSquareUpper';
import { eventDays, type EventTime } from './kaplanMeier';
import { linearModel } from './linearModel';

export interface LogRank {
  readonly chiSquare: number;
  readonly df: number;
  readonly p: number;
  /** Events seen and expected in each group, in the order given. */
  readonly observed: readonly number[];
  readonly expected: readonly number[];
}

/**
 * Log-rank test of several groups, added up over strata (blocks) where there are any: `strata[s][g]` lists the units of group g in
 * stratum s.
 * Null where no event was seen while two groups were at risk. Sources: Mantel (1966); Peto & Peto (1972) JRSS A 135:185–206.
 * @param strata one a block, each with a list a group
 * @returns chi-square, its degrees of freedom and p; null where no event was seen while two groups were at risk
 */
export function logRank(strata: readonly (readonly (readonly EventTime[])[])[]): LogRank | null {
  const k = strata[0]?.length ?? 0;
  const observed = new Array<number>(k).fill(0);
  const expected = new Array<number>(k).fill(0);
  const covariance = Array.from({ length: k }, () => new Array<number>(k).fill(0));
  for (const groups of strata) {
    for (const day of eventDays(groups.flat())) {
      const risk = groups.map((group) => group.filter((unit) => unit.time >= day).length);
      const events = groups.map((group) => group.filter((unit) => unit.time === day && unit.happened).length);
      const atRisk = risk.reduce((a, b) => a + b, 0);
      const seen = events.reduce((a, b) => a + b, 0);
      const scale = atRisk > 1 ? (seen * (atRisk - seen)) / (atRisk - 1) : 0;
      for (const [g, own] of risk.entries()) {
        addAt(observed, g, itemAt(events, g));
        addAt(expected, g, (seen * own) / atRisk);
        const row = itemAt(covariance, g);
        for (const [h, other] of risk.entries()) addAt(row, h, scale * (own / atRisk) * ((g === h ? 1 : 0) - other / atRisk));
      }
    }
  }
  // Generalised inverse by regressing observed − expected on the covariance's columns: the last column always depends on the others.
  const gap = observed.map((o, g) => o - itemAt(expected, g));
  const fit = linearModel(gap, covariance);
  if (fit.rank === 0) return null;
  const chiSquare = fit.coefficients.reduce<number>((sum, c, g) => sum + (c ?? 0) * itemAt(gap, g), 0);
  return { chiSquare, df: fit.rank, p: chiSquareUpper(chiSquare, fit.rank), observed, expected };
}
