import { addAt, cellAt, itemAt, noSuchItem } from '../invariant';

/** A fit by least squares. Columns that depend on earlier ones are left out, as their effect cannot be told apart. */
export interface LinearModel {
  /** One coefficient a column; null where the column was left out. */
  readonly coefficients: readonly (number | null)[];
  /** Inverse of X'X over the kept columns, at the columns' own places (0 where left out); times the residual variance it is the covariance. */
  readonly unscaledCovariance: readonly (readonly number[])[];
  readonly residuals: readonly number[];
  readonly residualSumOfSquares: number;
  readonly rank: number;
  readonly residualDf: number;
}

const DEPENDENT = 1e-9;

/** Columns made orthogonal, once for every response that is fitted to them. */
export interface Decomposition {
  /** What of them was kept, in their order. */
  readonly kept: readonly number[];
  readonly basis: readonly Float64Array[];
  /** Inverse of the upper triangular R of the kept columns. */
  readonly inverse: readonly (readonly number[])[];
  readonly unscaledCovariance: readonly (readonly number[])[];
}

/**
 * Least squares by modified Gram–Schmidt, done twice for accuracy (Björck 1967, BIT 7:1–21).
 * @param response one value a unit
 * @param columns design columns, each as long as `response`; earlier columns win where two say the same
 * @returns fitted values, residual sum of squares and its degrees of freedom
 */
export function linearModel(response: readonly number[], columns: readonly (readonly number[])[]): LinearModel {
  return fitTo(decompose(columns), response);
}

/**
 * Makes columns orthogonal by modified Gram–Schmidt, done twice for accuracy (Björck 1967, BIT 7:1–21).
 * @param columns one value a unit each; earlier columns win where two say the same
 * @returns what any number of responses of as many units can be fitted to
 */
export function decompose(columns: readonly (readonly number[])[]): Decomposition {
  const kept: number[] = [];
  const basis: Float64Array[] = [];
  const r: number[][] = [];
  columns.forEach((column, index) => {
    const rest = Float64Array.from(column);
    const weights = new Array<number>(basis.length).fill(0);
    const length = Math.hypot(...column);
    for (let pass = 0; pass < 2; pass++) {
      basis.forEach((direction, j) => {
        addAt(weights, j, takeOut(rest, direction));
      });
    }
    const left = Math.sqrt(dot(rest, rest));
    if (left <= DEPENDENT * length || length === 0) return;
    for (let i = 0; i < rest.length; i++) rest[i] = (rest[i] ?? noSuchItem(rest, i)) / left;
    kept.push(index);
    basis.push(rest);
    r.push([...weights, left]);
  });
  const inverse = invertUpper(r);
  const unscaledCovariance = columns.map(() => new Array<number>(columns.length).fill(0));
  kept.forEach((column, i) => {
    kept.forEach((other, k) => {
      addAt(itemAt(unscaledCovariance, column), other, dot(itemAt(inverse, i), itemAt(inverse, k)));
    });
  });
  return { kept, basis, inverse, unscaledCovariance };
}

/**
 * Least squares on columns that were decomposed before.
 * @param decomposition of columns with as many units as there are values
 * @param response one value a unit
 * @returns as `linearModel` of the same columns
 */
export function fitTo({ kept, basis, inverse, unscaledCovariance }: Decomposition, response: readonly number[]): LinearModel {
  const residuals = Float64Array.from(response);
  const projections = basis.map(() => 0);
  for (let pass = 0; pass < 2; pass++) {
    basis.forEach((direction, j) => {
      addAt(projections, j, takeOut(residuals, direction));
    });
  }
  const coefficients: (number | null)[] = unscaledCovariance.map(() => null);
  kept.forEach((column, i) => {
    coefficients[column] = dot(itemAt(inverse, i), projections);
  });
  return {
    coefficients,
    unscaledCovariance,
    residuals: Array.from(residuals),
    residualSumOfSquares: dot(residuals, residuals),
    rank: kept.length,
    residualDf: response.length - kept.length,
  };
}

/** Takes the part along a direction of length 1 out of a vector; returns how much it was. */
function takeOut(vector: Float64Array, direction: Float64Array): number {
  const share = dot(direction, vector);
  for (let i = 0; i < vector.length; i++)
    vector[i] = (vector[i] ?? noSuchItem(vector, i)) - share * (direction[i] ?? noSuchItem(direction, i));
  return share;
}

function dot(a: ArrayLike<number>, b: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] ?? noSuchItem(a, i)) * (b[i] ?? noSuchItem(b, i));
  return sum;
}

/** Inverse of the upper triangular R whose column j is `r[j]` (length j + 1). */
function invertUpper(r: readonly (readonly number[])[]): number[][] {
  const size = r.length;
  const inverse = r.map(() => new Array<number>(size).fill(0));
  for (let j = 0; j < size; j++) {
    itemAt(inverse, j)[j] = 1 / cellAt(r, j, j);
    for (let i = j - 1; i >= 0; i--) {
      let sum = 0;
      for (let k = i + 1; k <= j; k++) sum += cellAt(r, k, i) * cellAt(inverse, k, j);
      itemAt(inverse, i)[j] = -sum / cellAt(r, i, i);
    }
  }
  return inverse;
}
