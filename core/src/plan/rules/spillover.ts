import { itemAt } from '../../invariant';
import type { Experiment, Unit } from '../../model';
import type { Finding } from '../../words/findings';

/** Neighbours side by side that belong to different arms and have no barrier between them. */
export function openNeighbours({ units, plan }: Pick<Experiment, 'units' | 'plan'>): [left: Unit, right: Unit][] {
  const at = new Map(units.map((unit) => [`${unit.row}:${unit.column}`, unit]));
  const barred = new Set(plan.barriers.map(({ row, column }) => `${row}:${column}`));
  return units.flatMap((left): [Unit, Unit][] => {
    if (left.row === null || left.column === null || barred.has(`${left.row}:${left.column}`)) return [];
    const right = at.get(`${left.row}:${left.column + 1}`);
    return right && right.arm !== left.arm ? [[left, right]] : [];
  });
}

/** Roots, water, vapour, light or drips can reach a neighbour of another arm. */
export function spilloverRule(experiment: Experiment): Finding<'spillover'>[] {
  const { spilloverRoutes, unitNoun } = experiment.plan;
  const open = openNeighbours(experiment);
  if (spilloverRoutes.length === 0 || open.length === 0) return [];
  const [left, right] = itemAt(open, 0);
  return [{ rule: 'spillover', severity: 'caution', facts: { routes: spilloverRoutes, unit: unitNoun, from: left.code, to: right.code } }];
}
