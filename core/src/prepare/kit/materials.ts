import type { Experiment } from '../../model';
import { num } from '../calculators/makers';
import type { KitLine } from './KitLine';
import { kitOf } from './kitOf';
import { inAll } from './perArm';

/**
 * What was used, a line for each thing, with no spare. Once the plan is locked it stays as it read then, and what was put on the list since
 * follows.
 * @returns "24 pots, 11 cm", "ruler"
 */
export function materialsOf(experiment: Experiment): string[] {
  const { kit, materials, lockedOn } = experiment.plan;
  const written = materials.map((line) => line.trim()).filter((line) => line !== '');
  if (lockedOn === null) return kitOf(experiment).map(told);
  return [...new Set([...kit.atStart, ...written])];
}

/** Keeps the list as it reads at the start: words of a later version change nothing in it. */
export function keepKit(experiment: Experiment): Experiment {
  const { plan } = experiment;
  return { ...experiment, plan: { ...plan, kit: { ...plan.kit, atStart: kitOf(experiment).map(told) } } };
}

function told({ what, amount, unit, arms }: KitLine): string {
  if (amount === null) return what;
  const used = arms.length > 0 ? inAll(arms) : amount;
  return unit === '' ? `${num(used)} ${what}` : `${what}: ${num(used)} ${unit}`;
}
