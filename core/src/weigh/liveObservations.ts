import type { Observation } from '../model';
import { remembered } from './remembered';

/** Observations that count: all but those that a later one corrects. */
export const liveObservations = remembered((observations: readonly Observation[]): readonly Observation[] => {
  const replaced = new Set<string>();
  for (const { replaces } of observations) if (replaces !== null) replaced.add(replaces);
  return replaced.size === 0 ? observations : observations.filter((seen) => !replaced.has(seen.id));
});
