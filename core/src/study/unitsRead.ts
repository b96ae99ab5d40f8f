import { itemAt } from '../invariant';
import type { Experiment, Measure, Unit } from '../model';
import { memoize } from './memoize';

/**
 * The units under which a measure is read: each of them; or of what they share one, which stands for it, so that the water of a tank is
 * measured once.
 * @param measure one of it
 * @returns one that stands for several is active while any of them is, and has no arm where they are of several
 */
export function unitsRead({ units }: Pick<Experiment, 'units'>, { by }: Pick<Measure, 'by'>): readonly Unit[] {
  return by === 'container' ? standIns(units) : units;
}

const standIns = memoize((units: readonly Unit[]): readonly Unit[] => {
  const shared = new Map<string, Unit[]>();
  for (const unit of units) {
    const key = unit.container === null ? `unit ${unit.code}` : `of ${unit.container}`;
    shared.set(key, [...(shared.get(key) ?? []), unit]);
  }
  return [...shared.values()].map((inside) => {
    const first = itemAt(inside, 0);
    const isOneArm = inside.every(({ arm }) => arm === first.arm);
    return { ...first, arm: isOneArm ? first.arm : '', status: inside.some(({ status }) => status === 'active') ? 'active' : first.status };
  });
});

/**
 * What a person calls the thing that is read: the tank, or the unit.
 * @param unit under which it is read
 * @param measure that is read
 * @returns a code or a name
 */
export function readName({ code: unit, container }: Pick<Unit, 'code' | 'container'>, { by }: Pick<Measure, 'by'>): string {
  return by === 'container' && container !== null ? container : unit;
}
