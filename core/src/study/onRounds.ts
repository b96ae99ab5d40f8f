import { itemAt } from '../invariant';
import { daysBetween, type Experiment, type Observation } from '../model';
import { startOf } from './curves';
import { roundOf } from './roundOf';

/** A reading of which nobody has said for which walk it was taken. */
type Unplaced = Omit<Observation, 'plannedDay'>;
type Planned = Pick<Experiment, 'startedOn' | 'units' | 'measures'>;

/**
 * Puts a reading on the walk that its day says.
 * @returns gives a reading its planned day: null where it is before the first walk, or of a unit or measure that is not there
 */
export function onItsRound(experiment: Planned): (seen: Unplaced) => Observation {
  const units = new Map(experiment.units.map((unit) => [unit.code, unit]));
  const measures = new Map(experiment.measures.map((measure) => [measure.code, measure]));
  return (seen) => {
    const [unit, measure] = [units.get(seen.unit), measures.get(seen.measure)];
    const start = unit === undefined ? null : startOf(unit, experiment);
    const plannedDay = start === null || measure === undefined ? null : roundOf(daysBetween(start, seen.observedOn), measure);
    return { ...seen, plannedDay };
  };
}

/**
 * Puts all readings of an experiment on walks, where nobody has said for which they were taken: the first day on which a unit was read fills
 * the walk, what was read after it and before the next is extra, and a correction belongs where that belongs which it corrects.
 * @param observations in any order
 * @returns the same, in the same order
 */
export function onRounds(experiment: Planned, observations: readonly Unplaced[]): Observation[] {
  const placed = observations.map(onItsRound(experiment));
  const byId = new Map(placed.map((seen) => [seen.id, seen]));
  const roots = placed.map((seen) => rootOf(seen, byId));
  const firstDay = new Map<string, string>();
  const round = ({ unit, measure, plant, plannedDay }: Observation) => JSON.stringify([unit, measure, plant, plannedDay]);
  for (const root of roots) {
    const before = firstDay.get(round(root));
    const day = root.observedOn.slice(0, 10);
    if (before === undefined || day < before) firstDay.set(round(root), day);
  }
  return placed.map((seen, i) => {
    const root = itemAt(roots, i);
    return { ...seen, plannedDay: firstDay.get(round(root)) === root.observedOn.slice(0, 10) ? root.plannedDay : null };
  });
}

/** What was read at first, where a reading corrects another; of a ring, any of it. */
function rootOf(seen: Observation, byId: ReadonlyMap<string, Observation>): Observation {
  const passed = new Set<string>();
  let root = seen;
  while (root.replaces !== null && !passed.has(root.id)) {
    passed.add(root.id);
    const before = byId.get(root.replaces);
    if (before === undefined) break;
    root = before;
  }
  return root;
}
