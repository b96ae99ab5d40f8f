import type { Experiment, Shelf } from '../../model';
import { containerOf, type Sharing } from '../../study/bench/sharing';
import { replan } from '../replan';
import { changePlan, toggled } from './plan';

/**
 * Says how units share a reservoir, tray or lamp: not at all, one an arm, or one for every three places.
 * @param experiment a plan
 * @param how the units share
 * @returns the plan after the edit
 */
export function shareContainers(experiment: Experiment, how: Sharing): Experiment {
  return { ...experiment, units: experiment.units.map((unit) => ({ ...unit, container: containerOf(unit, how) })) };
}

/**
 * Puts the same number of seeds or cuttings into every unit.
 * @param experiment a plan
 * @param sown a whole number; null where nothing is counted out
 * @returns the plan after the edit
 */
export function setSown(experiment: Experiment, sown: number | null): Experiment {
  return { ...experiment, units: experiment.units.map((unit) => ({ ...unit, sown })) };
}

/**
 * Makes the bench wider or narrower and deals the places anew; shelves and barriers of the old one go.
 * @param experiment a plan
 * @param columns places in a row
 * @returns the plan after the edit
 */
export function setColumns(experiment: Experiment, columns: number): Experiment {
  return replan(changePlan(experiment, { bench: [], barriers: [] }), { columns });
}

/**
 * Changes what is said of a shelf: its name, rows, light.
 * @param experiment a plan
 * @param index of the shelf, from 0
 * @param more what changes
 * @returns the plan after the edit
 */
export function changeShelf(experiment: Experiment, index: number, more: Partial<Shelf>): Experiment {
  return changePlan(experiment, { bench: experiment.plan.bench.map((shelf, i) => (i === index ? { ...shelf, ...more } : shelf)) });
}

/**
 * Says that something could travel to a neighbour, or that it could not.
 * @param experiment a plan
 * @param what travels: water, vapour, light, roots
 * @returns the plan after the edit
 */
export function toggleReach(experiment: Experiment, what: string): Experiment {
  return changePlan(experiment, { canReach: toggled(experiment.plan.canReach, what) });
}

/**
 * Puts a barrier to the right of a place, or takes it away.
 * @param experiment a plan
 * @param row of the place, from 1
 * @param column of the place, from 1
 * @returns the plan after the edit
 */
export function toggleBarrier(experiment: Experiment, row: number, column: number): Experiment {
  const { barriers } = experiment.plan;
  const stands = barriers.find((other) => other.row === row && other.column === column);
  return changePlan(experiment, { barriers: stands ? barriers.filter((other) => other !== stands) : [...barriers, { row, column }] });
}
