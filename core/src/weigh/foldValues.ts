import { itemAt } from '../invariant';
import type { UnitValue } from '../compare/Contrast';
import type { Experiment } from '../model';
import { mean } from '../stats/moments';
import { basisOf } from '../study/replicates';

/**
 * One value a replicate: the unit's own, or the mean of a container that holds one arm only.
 * @param experiment that the units belong to
 * @param values unit by unit
 * @returns under the container's name where that is what counts
 */
export function foldValues(experiment: Pick<Experiment, 'units'>, values: readonly UnitValue[]): readonly UnitValue[] {
  if (basisOf(experiment) === 'unit') return values;
  const containers = new Map(experiment.units.map(({ code: unit, container }) => [unit, container ?? unit]));
  const groups = new Map<string, UnitValue[]>();
  for (const value of values) {
    const name = containers.get(value.unit) ?? value.unit;
    groups.set(name, [...(groups.get(name) ?? []), value]);
  }
  return [...groups].map(([unit, own]) => ({ ...itemAt(own, 0), unit, value: mean(own.map(({ value }) => value)) ?? 0 }));
}
