import type { Measure, Observation, Unit } from '../model';

/** Where a reading belongs: what of which unit, on which walk, and what stands there already. */
export interface ReadingPlace {
  readonly unit: Pick<Unit, 'code'>;
  readonly measure: Pick<Measure, 'code' | 'category'>;
  /** The walk in days after the unit's own start; null for an extra reading. */
  readonly plannedDay: number | null;
  readonly reading: Observation | null;
  /** Which plant of the unit, where they are measured one by one. */
  readonly plant?: string | null;
  /** Of a count by category; without it the one that succeeds. */
  readonly category?: string;
}

/** What a reading says: a value, or why there is none. */
export type Said = Pick<Observation, 'value' | 'absent' | 'note'>;

/** By whom it was read, and how it came in. */
export interface ReadBy {
  readonly id: string;
  readonly observer: string | null;
  readonly blinded: boolean;
  readonly source?: Observation['source'];
}

/**
 * A new reading of a place. Where something stands there already it corrects that, and keeps its walk and its time of day.
 * @param place where it belongs
 * @param said value, or why there is none, and a note
 * @param observedOn the day on which it was read
 * @param by whom
 * @returns what is logged
 */
export function recordReading(
  { unit, measure, plannedDay, reading, plant, category }: ReadingPlace,
  said: Said,
  observedOn: string,
  by: ReadBy,
): Observation {
  return {
    id: by.id,
    unit: unit.code,
    plant: reading?.plant ?? plant ?? null,
    measure: measure.code,
    observedOn,
    plannedDay: reading ? reading.plannedDay : plannedDay,
    moment: reading?.moment ?? null,
    value: said.value,
    absent: said.absent,
    category: category ?? measure.category,
    observer: by.observer,
    blinded: by.blinded,
    source: by.source ?? 'hand',
    note: said.note,
    replaces: reading?.id ?? null,
  };
}
