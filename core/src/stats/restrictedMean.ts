import { itemAt } from '../invariant';
import { kaplanMeier, type EventTime } from './kaplanMeier';

export interface RestrictedMean {
  /** Mean days without the event, counted up to `until`. */
  readonly mean: number;
  readonly standardError: number;
}

/**
 * Restricted mean time to the event: the area under the Kaplan–Meier curve up to day `until`; null without units.
 * Source: Klein & Moeschberger (2003) Survival Analysis, §4.5; Royston & Parmar (2013).
 * @param times one a unit, seen or censored
 * @param until the last day that counts
 * @returns days, with its variance
 */
export function restrictedMean(times: readonly EventTime[], until: number): RestrictedMean | null {
  if (times.length === 0) return null;
  const steps = kaplanMeier(times).filter((step) => step.time < until);
  const ends = [...steps.map((step) => step.time), until];
  const pieces = ends.map((end, i) => (end - (i === 0 ? 0 : itemAt(ends, i - 1))) * (i === 0 ? 1 : itemAt(steps, i - 1).survival));
  const mean = pieces.reduce((a, b) => a + b, 0);
  let after = mean;
  let variance = 0;
  steps.forEach((step, i) => {
    after -= itemAt(pieces, i);
    if (step.atRisk > step.events) variance += (after * after * step.events) / (step.atRisk * (step.atRisk - step.events));
  });
  return { mean, standardError: Math.sqrt(variance) };
}
