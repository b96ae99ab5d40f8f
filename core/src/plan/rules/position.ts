import { itemAt } from '../../invariant';
import type { Experiment, Unit } from '../../model';
import { centre, sumOfSquares } from '../../stats/moments';
import { benchFor } from '../../study/bench/shelves';
import { movedByHand } from '../movedByHand';
import { whereApart } from './place';
import type { Finding } from '../../words/findings';

/** From this share of the places' spread on, explained by the arm beyond what luck would explain, arms stand in clumps. */
const CLUMPED = 0.4;

/** Position predicts arm: rows, columns or distance from the edge belong to one arm more than to another. */
export function positionRule(experiment: Experiment): Finding<'position'>[] {
  // Arms that stand wholly apart are told of once.
  if (whereApart(experiment) !== null) return [];
  const { arms, units, plan } = experiment;
  const compared = new Set(arms.filter((arm) => arm.role !== 'reference').map((arm) => arm.code));
  const placed = units.filter((unit) => unit.row !== null && unit.column !== null && compared.has(unit.arm));
  const perArm = [...compared].map((arm) => placed.filter((unit) => unit.arm === arm).length);
  if (compared.size < 2 || perArm.some((n) => n < 2)) return [];
  const columns = Math.max(1, ...benchFor(plan.bench, units).map((shelf) => shelf.columns));
  const ways: readonly (readonly [Finding<'position'>['facts']['along'], (unit: Unit) => number])[] = [
    ['columns', (unit) => unit.column ?? 0],
    ['rows', (unit) => unit.row ?? 0],
    ['edge', (unit) => Math.min((unit.column ?? 1) - 1, columns - (unit.column ?? 1))],
  ];
  const worst = itemAt(
    ways.map(([along, place]) => ({ along, share: explained(placed, place) })).sort((a, b) => b.share - a.share),
    0,
  );
  // Whoever accuses a fair shuffle makes people shuffle until they like it, which is none any more.
  if (worst.share < CLUMPED || movedByHand(experiment)?.length === 0) return [];
  return [{ rule: 'position', severity: 'caution', facts: { along: worst.along } }];
}

/** Share of the spread of a place value that the arm explains, less what would be expected by luck (adjusted R²). */
function explained(units: readonly Unit[], place: (unit: Unit) => number): number {
  const total = sumOfSquares(units.map(place));
  if (total === 0) return 0;
  const arms = [...new Set(units.map((unit) => unit.arm))];
  const within = arms.reduce((sum, arm) => {
    const own = units.filter((unit) => unit.arm === arm).map(place);
    const middle = centre(own);
    return sum + own.reduce((s, value) => s + (value - middle) ** 2, 0);
  }, 0);
  const df = units.length - arms.length;
  return df <= 0 ? 0 : 1 - ((within / total) * (units.length - 1)) / df;
}
