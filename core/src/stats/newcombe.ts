import type { Interval } from './meanInterval';
import { wilson } from './wilson';

/**
 * Newcombe's hybrid score interval for the difference of two independent proportions, treated − control.
 * Null where either arm has no trials. Source: Newcombe RG (1998) Stat Med 17:873–890, method 10.
 */
export function newcombe(treated: readonly [number, number], control: readonly [number, number], level = 0.95): Interval | null {
  const a = wilson(...treated, level);
  const b = wilson(...control, level);
  if (a === null || b === null) return null;
  const pA = treated[0] / treated[1];
  const pB = control[0] / control[1];
  return [pA - pB - Math.hypot(pA - a[0], b[1] - pB), pA - pB + Math.hypot(a[1] - pA, pB - b[0])];
}
