import { addDays, daysBetween, type Experiment } from '../model';

/**
 * Moves day 0; batches that start later move with it.
 * @param startedOn the new day 0, a calendar date
 */
export function moveStart(experiment: Experiment, startedOn: string): Experiment {
  const by = experiment.startedOn === null ? 0 : daysBetween(experiment.startedOn, startedOn);
  if (by === 0) return { ...experiment, startedOn };
  const units = experiment.units.map((unit) => (unit.startedOn === null ? unit : { ...unit, startedOn: addDays(unit.startedOn, by) }));
  return { ...experiment, startedOn, units };
}
