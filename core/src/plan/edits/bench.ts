import { itemAt } from '../../invariant';
import type { Experiment, Shelf } from '../../model';
import { containersOf, type Sharing } from '../../study/bench/sharing';
import { redesign } from '../redesign';
import { changePlan, toggled } from './plan';

/**
 * Says what units share: a tank, tray or lamp of their own, one for all, one or several for each arm, or one for so many places.
 * @param sharing what they share, and how
 */
export function shareContainers(experiment: Experiment, sharing: Sharing): Experiment {
  const containers = containersOf(experiment.units, sharing);
  const units = experiment.units.map((unit, i) => ({ ...unit, container: itemAt(containers, i) }));
  return changePlan({ ...experiment, units }, { containerNoun: sharing.how === 'own' ? '' : sharing.what });
}

/**
 * Puts the same number of seeds or cuttings into every unit.
 * @param sown a whole number; null where nothing is counted out
 */
export function setSown(experiment: Experiment, sown: number | null): Experiment {
  return { ...experiment, units: experiment.units.map((unit) => ({ ...unit, sown })) };
}

/**
 * Puts another number of seeds or cuttings into one unit than into the others.
 * @param unit its code; an unknown one changes nothing
 * @param sown a whole number; null where nothing is counted out
 */
export function setSownOf(experiment: Experiment, unit: string, sown: number | null): Experiment {
  return { ...experiment, units: experiment.units.map((own) => (own.code === unit ? { ...own, sown } : own)) };
}

/**
 * Gives one arm another number of units than the others.
 * @param arm its code
 * @param count units of that arm
 * @param on calendar date on which units begin that are added after the start
 * @throws {RangeError} where the bench would hold more units than an experiment may have
 */
export function setUnitsOf(experiment: Experiment, arm: string, count: number, on?: string): Experiment {
  return redesign(experiment, { unitsOf: { [arm]: count }, on });
}

/**
 * Gives a block another name: a kind of bean, a rack, a week. Its shelf is called after it.
 * @param block as it is called now
 * @param name one that no other block has, else nothing changes
 */
export function renameBlock(experiment: Experiment, block: string, name: string): Experiment {
  const next = name.trim();
  if (next === '' || experiment.units.some((unit) => unit.block === next)) return experiment;
  const units = experiment.units.map((unit) => (unit.block === block ? { ...unit, block: next } : unit));
  const bench = experiment.plan.bench.map((shelf) =>
    shelf.name === `Shelf ${block}` || shelf.name === block ? { ...shelf, name: next } : shelf,
  );
  return changePlan({ ...experiment, units }, { bench });
}

/**
 * Makes the bench wider or narrower and deals the places anew; shelves and barriers of the old one go.
 * @param columns places in a row
 */
export function setColumns(experiment: Experiment, columns: number): Experiment {
  return redesign(changePlan(experiment, { bench: [], barriers: [] }), { columns });
}

/**
 * Changes what is said of a shelf: its name, rows, light.
 * @param index of the shelf, from 0
 */
export function changeShelf(experiment: Experiment, index: number, more: Partial<Shelf>): Experiment {
  return changePlan(experiment, { bench: experiment.plan.bench.map((shelf, i) => (i === index ? { ...shelf, ...more } : shelf)) });
}

/**
 * Says that something could travel to a neighbour, or that it could not.
 * @param what travels: water, vapour, light, roots
 */
export function toggleReach(experiment: Experiment, what: string): Experiment {
  return changePlan(experiment, { spilloverRoutes: toggled(experiment.plan.spilloverRoutes, what) });
}

/**
 * Puts a barrier to the right of a place, or takes it away.
 * @param row of the place, from 1
 * @param column of the place, from 1
 */
export function toggleBarrier(experiment: Experiment, row: number, column: number): Experiment {
  const { barriers } = experiment.plan;
  const stands = barriers.find((other) => other.row === row && other.column === column);
  return changePlan(experiment, { barriers: stands ? barriers.filter((other) => other !== stands) : [...barriers, { row, column }] });
}
