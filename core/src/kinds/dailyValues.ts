import { itemAt } from '../invariant';
import { daysBetween, type CurvePoint, type Valued } from '../model';
import type { Daily, Kind } from './Kind';

/**
 * What each plant read on each day, in order of days.
 * @param observations live readings of one unit and measure
 * @param start day 0; without it the first reading is day 0
 * @param again what a second reading of one plant on one day does: the later `replaces`, or it `adds`
 */
export function dailyValues(observations: readonly Valued[], start: string | null, again: 'replaces' | 'adds'): Daily {
  const sorted = inOrder(observations);
  const days = new Map<number, Map<string, number>>();
  if (sorted.length === 0) return days;
  const origin = start ?? itemAt(sorted, 0).observedOn;
  for (const { observedOn, plant, value } of sorted) {
    const day = daysBetween(origin, observedOn);
    let plants = days.get(day);
    if (!plants) days.set(day, (plants = new Map()));
    plants.set(plant ?? '', again === 'adds' ? (plants.get(plant ?? '') ?? 0) + value : value);
  }
  return days;
}

function inOrder(observations: readonly Valued[]): readonly Valued[] {
  const ordered = observations.every((seen, i) => i === 0 || itemAt(observations, i - 1).observedOn <= seen.observedOn);
  return ordered
    ? observations
    : [...observations].sort((a, b) => (a.observedOn < b.observedOn ? -1 : a.observedOn > b.observedOn ? 1 : 0));
}

/**
 * A unit's curve: one value a day, its plants averaged or added.
 * @param daily in order of days
 */
export function curveOf(daily: Daily, plants: Kind['plants']): CurvePoint[] {
  return [...daily].map(([day, values]) => {
    let sum = 0;
    for (const value of values.values()) sum += value;
    return { day, value: plants === 'sum' ? sum : sum / values.size };
  });
}
