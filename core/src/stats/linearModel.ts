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

/**
 * Least squares by modified Gram–Schmidt, done twice for accuracy (Björck 1967, BIT 7:1–21).
 * @param response one value a unit
 * @param columns design columns, each as long as `response`; earlier columns win where two say the same
 * @returns fitted values, residual sum of squares and its degrees of freedom
 */
export function linearModel(response: readonly number[], columns: readonly (readonly number[])[]): LinearModel {
  const n = response.length;
  const kept: number[] = [];
  const basis: Float64Array[] = [];
  const r: number[][] = [];
  columns.forEach((column, index) => {
    const rest = Float64Array.from(column);
    const weights = new Array<number>(basis.length).fill(0);
    const length = Math.hypot(...column);
    for (let pass = 0; pass < 2; pass++) {
      basis.forEach((direction, j) => {
        const share = dot(direction, rest);
        weights[j] += share;
        for (let i = 0; i < n; i++) rest[i] -= share * direction[i];
      });
    }
    const left = Math.sqrt(dot(rest, rest));
    if (left <= DEPENDENT * length || length === 0) return;
    for (let i = 0; i < n; i++) rest[i] /= left;
    kept.push(index);
    basis.push(rest);
    r.push([...weights, left]);
  });

  const residuals = Float64Array.from(response);
  const projections = basis.map(() => 0);
  for (let pass = 0; pass < 2; pass++) {
    basis.forEach((direction, j) => {
      const share = dot(direction, residuals);
      projections[j] += share;
      for (let i = 0; i < n; i++) residuals[i] -= share * direction[i];
    });
  }
  const inverse = invertUpper(r);
  const coefficients: (number | null)[] = columns.map(() => null);
  const unscaledCovariance = columns.map(() => new Array<number>(columns.length).fill(0));
  kept.forEach((column, i) => {
    coefficients[column] = inverse[i].reduce((sum, value, j) => sum + value * projections[j], 0);
    kept.forEach((other, k) => {
      unscaledCovariance[column][other] = inverse[i].reduce((sum, value, j) => sum + value * inverse[k][j], 0);
    });
  });
  return {
    coefficients,
    unscaledCovariance,
    residuals: Array.from(residuals),
    residualSumOfSquares: dot(residuals, residuals),
    rank: kept.length,
    residualDf: n - kept.length,
  };
}

function dot(a: ArrayLike<number>, b: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i] * b[i];
  return sum;
}

/** Inverse of the upper triangular R whose column j is `r[j]` (length j + 1). */
function invertUpper(r: readonly (readonly number[])[]): number[][] {
  const size = r.length;
  const inverse = r.map(() => new Array<number>(size).fill(0));
  for (let j = 0; j < size; j++) {
    inverse[j][j] = 1 / r[j][j];
    for (let i = j - 1; i >= 0; i--) {
      let sum = 0;
      for (let k = i + 1; k <= j; k++) sum += r[k][i] * inverse[k][j];
      inverse[i][j] = -sum / r[i][i];
    }
  }
  return inverse;
}
