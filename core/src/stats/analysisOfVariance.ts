import { itemAt } from '../invariant';
import { fUpper } from './fUpper';
import { linearModel } from './linearModel';

/** A grouping of the units: one level a unit. An interaction is the list of the factors it crosses. */
export interface ModelTerm {
  readonly term: string;
  readonly factors: readonly (readonly string[])[];
}

export interface VarianceRow {
  readonly term: string;
  readonly df: number;
  readonly sumOfSquares: number;
  readonly f: number | null;
  readonly p: number | null;
}

/** What is left of equal squares when they are calculated in binary numbers. */
const ROUNDING = 1e-20;

/**
 * Analysis of variance with type II sums of squares: each term against all terms that do not contain it (type I = II = III where
 * balanced).
 * Terms that cannot be told from the others are left out. The last row is `residual`.
 * Source: Yates F (1934) JASA 29:51–66; Langsrud Ø (2003) Statistics and Computing 13:163–167.
 * @param response one value a unit
 * @param terms main effects and interactions; an interaction contains each term all of whose factors it crosses
 * @returns a row a term, the residual last
 */
export function analysisOfVariance(response: readonly number[], terms: readonly ModelTerm[]): VarianceRow[] {
  const columns = terms.map((term) => indicatorColumns(term.factors));
  const intercept = response.map(() => 1);
  const fit = (which: readonly number[]) => linearModel(response, [intercept, ...which.flatMap((i) => itemAt(columns, i))]);
  const full = fit(terms.map((_, i) => i));
  const addsTo = (before: readonly number[], i: number) => fit([...before, i]).rank > fit(before).rank;
  const told = terms.map((_, i) => addsTo([...terms.keys()].slice(0, i), i));
  const residualMeanSquare = full.residualDf > 0 ? full.residualSumOfSquares / full.residualDf : null;
  const flat =
    residualMeanSquare === null || full.residualSumOfSquares <= ROUNDING * response.reduce((sum, value) => sum + value * value, 0);
  const rows: VarianceRow[] = [];
  terms.forEach((term, i) => {
    // A main effect has nothing that another has as well; an interaction that is one with earlier terms does not count beside them.
    const isBeside = (other: ModelTerm, j: number) => told[j] || other.factors.length <= term.factors.length;
    const others = terms.flatMap((other, j) => (j !== i && !contains(other, term) && isBeside(other, j) ? [j] : []));
    const without = fit(others);
    const withTerm = fit([...others, i]);
    const df = withTerm.rank - without.rank;
    if (df === 0) return;
    const sumOfSquares = Math.max(0, without.residualSumOfSquares - withTerm.residualSumOfSquares);
    const f = flat ? null : sumOfSquares / df / residualMeanSquare;
    rows.push({ term: term.term, df, sumOfSquares, f, p: f === null ? null : fUpper(f, df, full.residualDf) });
  });
  rows.push({ term: 'residual', df: full.residualDf, sumOfSquares: full.residualSumOfSquares, f: null, p: null });
  return rows;
}

/**
 * Columns of 0 and 1, one for each level (or cell of levels) but the first.
 * @param factors each one's level, a unit at a time
 * @returns columns as long as a factor
 */
export function indicatorColumns(factors: readonly (readonly string[])[]): number[][] {
  const cells = itemAt(factors, 0).map((_, unit) => JSON.stringify(factors.map((levels) => levels[unit])));
  // All cells are given; those that the model already has drop out in the fit, which is how an interaction gets its degrees of freedom.
  return [...new Set(cells)].slice(factors.length === 1 ? 1 : 0).map((cell) => cells.map((own) => (own === cell ? 1 : 0)));
}

function contains(bigger: ModelTerm, smaller: ModelTerm): boolean {
  return bigger.factors.length > smaller.factors.length && smaller.factors.every((factor) => bigger.factors.includes(factor));
}
