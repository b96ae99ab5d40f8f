import { daysBetween, type Experiment, type Measure, type Observation, type Unit } from '../model';

/** A unit's value on a day after its start. */
export interface CurvePoint {
  readonly day: number;
  readonly value: number;
}

/** Day 0 of a unit: its own start, else the experiment's, else null. */
export function startOf(unit: Unit, experiment: Pick<Experiment, 'startedOn'>): string | null {
  return unit.startedOn ?? experiment.startedOn;
}

/**
 * A unit's readings of one measure in order of days, one value a day: plants averaged (amount, rating) or added (count, harvest).
 * Where one plant was read twice on a day, the later reading stands; pickings of a harvest add up. Counts are the raw numbers.
 * @param observations of this unit and measure only, live ones
 * @param start day 0; without it the first reading is day 0
 */
export function unitCurve(measure: Measure, observations: readonly Observation[], start: string | null): CurvePoint[] {
  const wanted = observations
    .filter((seen) => measure.kind !== 'count' || (seen.category ?? null) === measure.category)
    .sort((a, b) => (a.observedOn < b.observedOn ? -1 : a.observedOn > b.observedOn ? 1 : 0));
  if (wanted.length === 0) return [];
  const origin = start ?? wanted[0].observedOn;
  const days = new Map<number, Map<string, number>>();
  for (const seen of wanted) {
    const day = daysBetween(origin, seen.observedOn);
    const plants = days.get(day) ?? new Map<string, number>();
    const plant = seen.plant ?? '';
    plants.set(plant, measure.kind === 'harvest' ? (plants.get(plant) ?? 0) + seen.value : seen.value);
    days.set(day, plants);
  }
  const adds = measure.kind === 'count' || measure.kind === 'harvest';
  return [...days].map(([day, plants]) => {
    const sum = [...plants.values()].reduce((a, b) => a + b, 0);
    return { day, value: adds ? sum : sum / plants.size };
  });
}
