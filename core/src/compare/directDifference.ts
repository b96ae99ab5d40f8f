import { itemAt } from '../invariant';
import { centre, sumOfSquares } from '../stats/moments';
import type { UnitValue } from './Contrast';
import type { MeanDifference } from './Gap';
import { ROUNDING, withoutRounding } from './isFlat';

/** Two arms beside one another, each with a spread of its own. */
export interface DirectDifference extends MeanDifference {
  /** Strata with both arms. */
  readonly strata: number;
  /** Units of the arm that has fewer. */
  readonly fewest: number;
}

/** Units of one arm in one stratum. */
interface Cell {
  readonly n: number;
  readonly mean: number;
  readonly squares: number;
  /** Which stratum, and whether treated. */
  readonly at: number;
  readonly isTreated: boolean;
  /** Treatment less its mean over the stratum. */
  readonly x: number;
}

/**
 * Difference of two arms inside strata, by least squares, with an error that takes no spread to be like another: each residual squared over
 * its own leverage (HC2), degrees of freedom by Satterthwaite from the arms' own spreads. Without strata it is Welch's t to the last digit,
 * in pairs it is the paired t.
 * Source: MacKinnon & White (1985) J Econometrics 29:305–325; Bell & McCaffrey (2002) Survey Methodology 28:169–181; Welch (1947).
 * @param treated units of one arm
 * @param control units of the other
 * @param stratum of a unit; strata with one arm alone take no part
 * @returns null where no stratum has both
 */
export function directDifference(
  treated: readonly UnitValue[],
  control: readonly UnitValue[],
  stratum: (unit: UnitValue) => string,
): DirectDifference | null {
  const cells = cellsOf(treated, control, stratum);
  if (cells.length === 0) return null;
  const strata = cells.length / 2;
  const size = (at: number) => itemAt(cells, 2 * at).n + itemAt(cells, 2 * at + 1).n;
  const whole = cells.reduce((sum, { n, x }) => sum + n * x * x, 0);
  const weight = ({ at }: Cell) => (itemAt(cells, 2 * at).n * itemAt(cells, 2 * at + 1).n) / size(at) / whole;
  const meanOf = (isTreated: boolean) =>
    cells.reduce((sum, cell) => sum + (cell.isTreated === isTreated ? weight(cell) * cell.mean : 0), 0);
  const [meanTreated, meanControl] = strata === 1 ? [itemAt(cells, 0).mean, itemAt(cells, 1).mean] : [meanOf(true), meanOf(false)];
  const gap = withoutRounding(
    meanTreated - meanControl,
    cells.map(({ mean }) => mean),
  );

  const free = cells.map(({ at, x }) => 1 - 1 / size(at) - (x * x) / whole);
  const residual = cells.map(({ at, x }) => Math.abs(x) * (itemAt(cells, 2 * at).mean - itemAt(cells, 2 * at + 1).mean - gap));
  const squares = cells.map(({ n, squares: own }, i) => own + n * itemAt(residual, i) ** 2);
  const sizeOf = (isTreated: boolean) => cells.reduce((sum, { n, isTreated: own }) => sum + (own === isTreated ? n : 0), 0);
  const means = { value: gap, treated: meanTreated, control: meanControl, strata, fewest: Math.min(sizeOf(true), sizeOf(false)) };
  if (free.some((share) => share < 1e-9)) return { ...means, ...unknown };

  const variances = cells.map(({ x }, i) => ((x / whole) ** 2 * itemAt(squares, i)) / itemAt(free, i));
  const part = (isTreated: boolean) => variances.reduce((sum, own, i) => sum + (itemAt(cells, i).isTreated === isTreated ? own : 0), 0);
  const variance = part(true) + part(false);
  const largest = Math.max(...cells.map(({ mean }) => Math.abs(mean)));
  if (Math.sqrt(variance) <= ROUNDING * largest) return { ...means, ...unknown, error: 0 };
  return { ...means, ...meansVary(cells, weight, part), error: Math.sqrt(variance), df: satterthwaite(cells, squares, free, whole, size) };
}

/**
 * A gap with fewer degrees of freedom where an arm has fewer than four units: Satterthwaite's are then too many whenever those few happen to
 * lie close together, which is when it matters. Halfway (harmonic) to what the few alone have; found by simulation (docs/method.md).
 */
export function cautious(gap: DirectDifference): DirectDifference {
  return gap.fewest > 3 || gap.fewest < 2 ? gap : { ...gap, df: 2 / (1 / gap.df + 1 / (gap.fewest - 1)) };
}

const unknown = { varianceTreated: 0, varianceControl: 0, covariance: 0, error: null, df: 0 };

/** Cells of the strata that have both arms: treated, control, treated, control… */
function cellsOf(treated: readonly UnitValue[], control: readonly UnitValue[], stratum: (unit: UnitValue) => string): Cell[] {
  const groups = new Map<string, { treated: number[]; control: number[] }>();
  const group = (unit: UnitValue) => {
    const name = stratum(unit);
    const own = groups.get(name) ?? { treated: [], control: [] };
    groups.set(name, own);
    return own;
  };
  for (const unit of treated) group(unit).treated.push(unit.value);
  for (const unit of control) group(unit).control.push(unit.value);
  const both = [...groups.values()].filter((own) => own.treated.length > 0 && own.control.length > 0);
  return both.flatMap((own, at) => {
    const [nT, nC] = [own.treated.length, own.control.length];
    const cell = (values: readonly number[], isTreated: boolean, x: number): Cell => ({
      n: values.length,
      mean: centre(values),
      squares: sumOfSquares(values),
      at,
      isTreated,
      x,
    });
    return [cell(own.treated, true, nC / (nT + nC)), cell(own.control, false, -nT / (nT + nC))];
  });
}

/** How the two means vary: in pairs they do so together, from pair to pair; else each by its own units. */
function meansVary(
  cells: readonly Cell[],
  weight: (cell: Cell) => number,
  part: (isTreated: boolean) => number,
): Pick<MeanDifference, 'varianceTreated' | 'varianceControl' | 'covariance'> {
  if (cells.some(({ n }) => n > 1)) return { varianceTreated: part(true), varianceControl: part(false), covariance: 0 };
  const strata = cells.length / 2;
  const own = (isTreated: boolean) => cells.filter((cell) => cell.isTreated === isTreated).map((cell) => cell.mean);
  const [t, c] = [own(true), own(false)];
  const together = (a: readonly number[], b: readonly number[]) =>
    (a.reduce((sum, value, i) => sum + (value - centre(a)) * (itemAt(b, i) - centre(b)), 0) / (strata - 1)) * weight(itemAt(cells, 0));
  return { varianceTreated: together(t, t), varianceControl: together(c, c), covariance: together(t, c) };
}

/** Degrees of freedom of Σ cᵢ eᵢ², with e = M y and each arm's own spread for y; all units of a cell are alike in it. */
function satterthwaite(
  cells: readonly Cell[],
  squares: readonly number[],
  free: readonly number[],
  whole: number,
  size: (at: number) => number,
): number {
  const spreadOf = (isTreated: boolean) => {
    const own = cells.map((_, i) => i).filter((i) => itemAt(cells, i).isTreated === isTreated);
    return own.reduce((sum, i) => sum + itemAt(squares, i) / itemAt(free, i), 0) / own.reduce((sum, i) => sum + itemAt(cells, i).n, 0);
  };
  const spreads = { treated: spreadOf(true), control: spreadOf(false) };
  const spread = cells.map(({ isTreated }) => (isTreated ? spreads.treated : spreads.control));
  const c = cells.map(({ x }, i) => (x / whole) ** 2 / itemAt(free, i));
  // The hat matrix is 1 over the size inside a stratum, and x x′ over the whole everywhere: its products need no third loop.
  const sums = cells.map(() => ({ weight: 0, x: 0 }));
  let squared = 0;
  cells.forEach(({ at, n, x }, i) => {
    itemAt(sums, at).weight += n * itemAt(spread, i);
    itemAt(sums, at).x += n * itemAt(spread, i) * x;
    squared += n * itemAt(spread, i) * x * x;
  });
  let expected = 0;
  let square = 0;
  for (let p = 0; p < cells.length; p++) {
    for (let q = 0; q < cells.length; q++) {
      const [a, b] = [itemAt(cells, p), itemAt(cells, q)];
      const [sizeA, sizeB] = [size(a.at), size(b.at)];
      const same = a.at === b.at ? 1 : 0;
      const across = (a.x * b.x) / whole;
      const hat = same / sizeA + across;
      const product =
        (same * itemAt(sums, a.at).weight) / sizeA ** 2 +
        (b.x * itemAt(sums, a.at).x) / (sizeA * whole) +
        (a.x * itemAt(sums, b.at).x) / (sizeB * whole) +
        (across * squared) / whole;
      const shared = product - hat * (itemAt(spread, p) + itemAt(spread, q));
      square += itemAt(cells, p).n * itemAt(cells, q).n * itemAt(c, p) * itemAt(c, q) * shared ** 2;
      if (p !== q) continue;
      square += itemAt(cells, p).n * itemAt(c, p) ** 2 * (2 * itemAt(spread, p) * shared + itemAt(spread, p) ** 2);
      expected += itemAt(cells, p).n * itemAt(c, p) * (itemAt(spread, p) + shared);
    }
  }
  return expected ** 2 / square;
}
