import { centre, variance } from './moments';
import type { Interval } from './meanInterval';
import { tQuantile, tTwoSided } from './tTails';

export interface WelchT {
  readonly difference: number;
  readonly standardError: number;
  readonly t: number;
  readonly df: number;
  readonly p: number;
  readonly ci95: Interval;
}

/**
 * Welch's t test of two means that may differ in spread, difference = treated − control. Source: Welch BL (1947) Biometrika 34:28–35;
 * degrees of freedom by Satterthwaite (1946).
 * @param treated one value a unit
 * @param control one value a unit
 * @returns t, its degrees of freedom, two-sided p, difference and interval; null with fewer than two units in either arm, or where
 * neither arm has a spread
 */
export function welchT(treated: readonly number[], control: readonly number[]): WelchT | null {
  const vT = variance(treated);
  const vC = variance(control);
  if (vT === null || vC === null) return null;
  const eT = vT / treated.length;
  const eC = vC / control.length;
  const standardError = Math.sqrt(eT + eC);
  if (standardError === 0) return null;
  const difference = centre(treated) - centre(control);
  const shareT = eT / (eT + eC);
  const df = 1 / (shareT ** 2 / (treated.length - 1) + (1 - shareT) ** 2 / (control.length - 1));
  const t = difference / standardError;
  const half = tQuantile(0.975, df) * standardError;
  return { difference, standardError, t, df, p: tTwoSided(t, df), ci95: [difference - half, difference + half] };
}
