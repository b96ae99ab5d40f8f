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

/**
 * Analysis of variance with type II sums of squares: each term against all terms that do not contain it (type I = II = III where
 * balanced).
 * Terms that cannot be told from those before them are left out. The last row is `residual`.
 * Source: Yates F (1934) JASA 29:51–66; Langsrud Ø (2003) Statistics and Computing 13:163–167.
 * @param response one value a unit
 * @param terms main effects and interactions; an interaction contains each term all of whose factors it crosses
 * @returns a row a term, the residual last
 */
export function analysisOfVariance(response: readonly number[], terms: readonly ModelTerm[]): VarianceRow[] {
  const columns = terms.map((term) => indicatorColumns(term.factors));
  const intercept = response.map(() => 1);
  const fit = (which: readonly number[]) => linearModel(response, [intercept, ...which.flatMap((i) => columns[i])]);
  const told: number[] = [];
  let full = fit([]);
  const total = full.residualSumOfSquares;
  terms.forEach((_, i) => {
    const next = fit([...told, i]);
    if (next.rank === full.rank) return;
    told.push(i);
    full = next;
  });
  const residualMeanSquare = full.residualDf > 0 ? full.residualSumOfSquares / full.residualDf : null;
  const flat = residualMeanSquare === null || full.residualSumOfSquares <= 1e-20 * total;
  const rows: VarianceRow[] = [];
  told.forEach((i) => {
    const term = terms[i];
    const others = told.filter((j) => j !== i && !contains(terms[j], term));
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
  const cells = factors[0].map((_, unit) => JSON.stringify(factors.map((levels) => levels[unit])));
  // All cells are given; those that the model already has drop out in the fit, which is how an interaction gets its degrees of freedom.
  return [...new Set(cells)].slice(factors.length === 1 ? 1 : 0).map((cell) => cells.map((own) => (own === cell ? 1 : 0)));
}

function contains(bigger: ModelTerm, smaller: ModelTerm): boolean {
  return bigger.factors.length > smaller.factors.length && smaller.factors.every((factor) => bigger.factors.includes(factor));
}
