import type { Observation } from '../model';

/** Observations that count: all but those that a later one corrects. */
export function liveObservations(observations: readonly Observation[]): Observation[] {
  const replaced = new Set(observations.map((seen) => seen.replaces).filter((id) => id !== null));
  return observations.filter((seen) => !replaced.has(seen.id));
}
