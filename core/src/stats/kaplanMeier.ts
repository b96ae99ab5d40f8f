import { itemAt } from '../invariant';
import type { Interval } from './meanInterval';
import { normalQuantile } from './normalTails';

/** A unit's time to the event in days; `happened` false where it had not happened by then (censored). */
export interface EventTime {
  readonly time: number;
  readonly happened: boolean;
}

export interface SurvivalStep {
  readonly time: number;
  readonly atRisk: number;
  readonly events: number;
  /** Share still without the event just after `time`. */
  readonly survival: number;
  /** 95% interval on the log(−log) scale with Greenwood's variance; null where the share is 0 or 1. */
  readonly ci95: Interval | null;
}

/**
 * Kaplan–Meier curve: one step for each time at which the event was seen.
 * Sources: Kaplan & Meier (1958) JASA 53:457–481; Greenwood (1926); log-log interval: Kalbfleisch & Prentice (1980).
 * @param times one a unit, seen or censored
 * @returns steps in order of days
 */
export function kaplanMeier(times: readonly EventTime[]): SurvivalStep[] {
  const z = normalQuantile(0.975);
  let survival = 1;
  let greenwood = 0;
  return eventDays(times).map((time) => {
    const atRisk = times.filter((unit) => unit.time >= time).length;
    const events = times.filter((unit) => unit.time === time && unit.happened).length;
    survival *= 1 - events / atRisk;
    greenwood += events / (atRisk * (atRisk - events));
    return { time, atRisk, events, survival, ci95: logLogInterval(survival, greenwood, z) };
  });
}

/**
 * Days on which the event was seen, in order.
 * @param times one a unit, seen or censored
 * @returns days, one a unit that had the event
 */
export function eventDays(times: readonly EventTime[]): number[] {
  return [...new Set(times.filter((unit) => unit.happened).map((unit) => unit.time))].sort((a, b) => a - b);
}

/**
 * First day by which half have had the event; where the curve stands at one half, the middle of that stretch; null if never.
 * @param steps of one arm
 * @returns a day
 */
export function medianTime(steps: readonly SurvivalStep[]): number | null {
  const at = steps.findIndex((step) => step.survival <= 0.5 + 1e-12);
  if (at < 0) return null;
  const flat = Math.abs(itemAt(steps, at).survival - 0.5) < 1e-12 && at + 1 < steps.length;
  return flat ? (itemAt(steps, at).time + itemAt(steps, at + 1).time) / 2 : itemAt(steps, at).time;
}

function logLogInterval(survival: number, greenwood: number, z: number): Interval | null {
  if (survival <= 0 || survival >= 1) return null;
  const half = (z * Math.sqrt(greenwood)) / Math.abs(Math.log(survival));
  return [survival ** Math.exp(half), survival ** Math.exp(-half)];
}
