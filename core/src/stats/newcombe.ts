import type { Interval } from './meanInterval';
import { wilson } from './wilson';

/**
 * Newcombe's hybrid score interval for the difference of two independent proportions, treated − control.
 * Null where either arm has no trials. Source: Newcombe RG (1998) Stat Med 17:873–890, method 10.
 * @param treated successes and trials
 * @param control successes and trials
 * @param level 0.95 for 95%
 * @returns lower and upper end within −1 and 1; null where either arm has no trials
 * @example newcombe([56, 70], [48, 80]) // [0.0524, 0.3339]
 */
export function newcombe(treated: readonly [number, number], control: readonly [number, number], level = 0.95): Interval | null {
  const a = wilson(...treated, level);
  const b = wilson(...control, level);
  if (a === null || b === null) return null;
  const pA = treated[0] / treated[1];
  const pB = control[0] / control[1];
  return [pA - pB - Math.hypot(pA - a[0], b[1] - pB), pA - pB + Math.hypot(a[1] - pA, pB - b[0])];
}
