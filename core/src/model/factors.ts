import { controlOf } from './lookUp';
import type { Arm } from './arm';

/** Something varied on purpose, with its settings; the first level is the control's. */
export interface Factor {
  readonly name: string;
  readonly levels: readonly string[];
}

/**
 * The factors that arms cross, with their levels in the order in which they stand; the control's level first.
 * @returns empty where the arms cross nothing
 */
export function factorsOf(arms: readonly Arm[]): Factor[] {
  const names = [...new Set(arms.flatMap((arm) => Object.keys(arm.factors)))];
  const first = controlOf(arms);
  return names.map((name) => ({
    name,
    levels: [
      ...new Set([...(first?.factors[name] === undefined ? [] : [first.factors[name]]), ...arms.flatMap((arm) => arm.factors[name] ?? [])]),
    ],
  }));
}

/**
 * The factors of arms that are crossed in full: each level of one with each of the others, in one arm each.
 * @param arms that are compared
 * @returns empty where there are not two factors with levels, or a combination is missing or stands twice
 */
export function crossedFactors(arms: readonly Arm[]): Factor[] {
  const factors = factorsOf(arms);
  const cells = new Set(arms.map((arm) => JSON.stringify(factors.map(({ name }) => arm.factors[name]))));
  const all = factors.reduce((product, { levels }) => product * levels.length, 1);
  const isCrossed = factors.filter(({ levels }) => levels.length > 1).length > 1 && cells.size === all && arms.length === all;
  return isCrossed ? factors : [];
}
