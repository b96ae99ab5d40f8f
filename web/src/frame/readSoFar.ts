import { liveObservations, type Observation, type ReadSoFar } from '@fern/core';

/** How many units of each measure were read on each date. */
export function readSoFar(observations: readonly Observation[]): ReadSoFar[] {
  const units = new Map<string, Set<string>>();
  for (const seen of liveObservations(observations)) {
    const key = `${seen.measure}\n${seen.observedOn.slice(0, 10)}`;
    const set = units.get(key);
    if (set) set.add(seen.unit);
    else units.set(key, new Set([seen.unit]));
  }
  return [...units].map(([key, set]) => ({ measure: key.split('\n')[0], on: key.split('\n')[1], units: set.size }));
}
