import type { Arm } from '../model';

/**
 * The control, then the treatments in the order of the plan; reference arms take no part.
 * @returns without the references; the control first
 */
export function comparedArms(arms: readonly Arm[]): Arm[] {
  return [...arms.filter((arm) => arm.role === 'control'), ...arms.filter((arm) => arm.role === 'treatment')];
}
