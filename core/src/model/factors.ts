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
