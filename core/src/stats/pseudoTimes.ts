import type { EventTime } from './kaplanMeier';
import { restrictedMean } from './restrictedMean';

/**
 * One restricted time a unit: what the arm's restricted mean owes to it, nθ − (n−1)θ₋ᵢ. Where every unit was followed to the event or to the
 * last day that counts it is the unit's own time, up to that day; a unit that was lost before gets what its like lead one to expect.
 * Source: Andersen PK, Klein JP, Rosthøj S (2003) Biometrika 90:15–27; Andersen, Hansen & Klein (2004) Lifetime Data Anal 10:335–350.
 * @param times one a unit of one arm, seen or censored
 * @param until the last day that counts
 * @returns days, in the order of the units; their mean is the arm's restricted mean
 */
export function pseudoTimes(times: readonly EventTime[], until: number): number[] {
  if (times.every(({ time, happened }) => happened || time >= until)) return times.map(({ time }) => Math.min(time, until));
  const n = times.length;
  const whole = restrictedMean(times, until)?.mean ?? until;
  return times.map((_, i) => n * whole - (n - 1) * (restrictedMean(times.toSpliced(i, 1), until)?.mean ?? 0));
}
