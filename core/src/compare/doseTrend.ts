import { cellAt, itemAt, lastOf, tupleOf } from '../invariant';
import { indicatorColumns } from '../stats/analysisOfVariance';
import { linearModel } from '../stats/linearModel';
import { tQuantile, tTwoSided } from '../stats/tTails';
import type { Trend, UnitValue } from './Contrast';
import type { TestRow } from './TestRow';
import type { Compared } from './Compared';
import { isFlat, withoutRounding } from './isFlat';

export interface DoseTrend {
  readonly trend: Trend;
  readonly t: number | null;
  readonly df: number;
}

/**
 * Straight line over the dose on three or more arms with a dose (the control's counts), with blocks as an additive term where there are any;
 * with four or more doses also a parabola, whose turning point (−b/2c, delta-method interval) is given where it lies inside the doses tried.
 */
export function doseTrend({ arms, values }: Compared, stratum: (unit: UnitValue) => string): DoseTrend | null {
  const doses = new Map(arms.filter((arm) => arm.dose !== null).map((arm) => [arm.code, arm.dose as number]));
  const used = values.filter((unit) => doses.has(unit.arm));
  const x = used.map((unit) => doses.get(unit.arm) as number);
  const tried = [...new Set(x)].sort((a, b) => a - b);
  if (doses.size < 3 || tried.length < 3) return null;
  const y = used.map((unit) => unit.value);
  // Centred and scaled doses keep the squares apart from the line.
  const middle = (itemAt(tried, 0) + lastOf(tried)) / 2;
  const reach = (lastOf(tried) - itemAt(tried, 0)) / 2;
  const z = x.map((dose) => (dose - middle) / reach);
  const rest = [y.map(() => 1), ...indicatorColumns([used.map(stratum)])];
  const line = linearModel(y, [z, ...rest]);
  const [steepness] = line.coefficients;
  if (steepness == null) return null;
  const slope = withoutRounding(steepness, y);
  const flat = (fit: typeof line) => isFlat(fit, y);
  const error = flat(line) ? null : Math.sqrt((cellAt(line.unscaledCovariance, 0, 0) * line.residualSumOfSquares) / line.residualDf);
  const half = error === null ? null : tQuantile(0.975, line.residualDf) * error;
  const t = error === null ? null : slope / error;
  const base = {
    slope: slope / reach,
    ci95: half === null ? null : ([(slope - half) / reach, (slope + half) / reach] as const),
    p: t === null ? null : tTwoSided(t, line.residualDf),
  };

  const curve = tried.length >= 4 ? linearModel(y, [z, z.map((value) => value * value), ...rest]) : null;
  const [b, c] = tupleOf(curve ? curve.coefficients.map((value) => value && withoutRounding(value, y)) : [null, null], 2);
  if (!curve || b === null || c === null) {
    return { trend: { ...base, turningPoint: null, turningPointCi95: null, quadratic: null }, t, df: line.residualDf };
  }
  const meanSquare = flat(curve) ? null : curve.residualSumOfSquares / curve.residualDf;
  const curveError = meanSquare === null ? null : Math.sqrt(cellAt(curve.unscaledCovariance, 1, 1) * meanSquare);
  const top = c === 0 ? null : -b / (2 * c);
  const inside = top !== null && Math.abs(top) <= 1 ? top : null;
  const gradient = inside === null ? null : [-1 / (2 * c), b / (2 * c * c)];
  const spread =
    gradient === null || meanSquare === null
      ? null
      : meanSquare *
        gradient.reduce((sum, g, i) => sum + gradient.reduce((s, h, j) => s + g * h * cellAt(curve.unscaledCovariance, i, j), 0), 0);
  const reachOfTop = spread === null ? null : tQuantile(0.975, curve.residualDf) * Math.sqrt(Math.max(0, spread)) * reach;
  const turningPoint = inside === null ? null : middle + inside * reach;
  return {
    trend: {
      ...base,
      turningPoint,
      turningPointCi95: turningPoint === null || reachOfTop === null ? null : [turningPoint - reachOfTop, turningPoint + reachOfTop],
      quadratic: { coefficient: c / reach ** 2, p: curveError === null ? null : tTwoSided(c / curveError, curve.residualDf) },
    },
    t,
    df: line.residualDf,
  };
}

/** The straight line's row among the tests. */
export function trendRow({ trend, t, df }: DoseTrend): TestRow[] {
  return t === null || trend.p === null ? [] : [{ method: 'trend', statistic: { name: 't', value: t }, df: [df], p: trend.p }];
}

/** Whether the curve over the doses is told to turn, and where it turns is known. */
export function isTurn({ turningPoint, turningPointCi95, quadratic }: Trend): boolean {
  return turningPoint !== null && turningPointCi95 !== null && quadratic?.p != null && quadratic.p <= 0.05;
}
