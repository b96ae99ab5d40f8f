import { addDays, daysBetween, momentWords, type Measure, type Observation, type Study, type Unit } from '../model';
import { hasCategories } from '../study/categories';
import { startOf } from '../study/curves';
import { cell, readingsOf } from '../study/readings';

/** A column of the table of what was read: a planned walk, or a day of extra readings. */
export interface GridColumn {
  readonly id: string;
  /** Days after the unit's start; null for an extra day. */
  readonly plannedDay: number | null;
  /** Calendar date of an extra day; a walk has one for each start. */
  readonly on: string | null;
}

/**
 * The columns of a measure: every planned walk, and every day on which something extra was read.
 * @param measure that is read, not worked out
 * @param more extra days, calendar dates, of which nothing was read yet
 * @returns in order of time
 */
export function gridColumns(study: Study, measure: Measure, more: readonly string[] = []): GridColumn[] {
  const extra = new Set(more);
  for (const { live } of readingsOf(study, measure.code).values())
    for (const { plannedDay, observedOn } of live)
      if (plannedDay === null || !measure.readingDays.includes(plannedDay)) extra.add(observedOn.slice(0, 10));
  const start = study.experiment.startedOn;
  const rounds = measure.readingDays.map((day) => ({ at: day, column: { id: `day ${momentWords(day)}`, plannedDay: day, on: null } }));
  const others = [...extra].map((on) => ({
    at: start === null ? 0 : daysBetween(start, on) + 0.999,
    column: { id: `extra ${on}`, plannedDay: null, on },
  }));
  return [...rounds, ...others].sort((a, b) => a.at - b.at).map(({ column }) => column);
}

/** One cell of the table: the readings that count, and all that ever stood there. */
export interface GridCell {
  /** The one that counts, the last where there are several. */
  readonly reading: Observation | null;
  readonly live: readonly Observation[];
  /** In the order in which they came in, the corrected ones too. */
  readonly all: readonly Observation[];
  /** The day on which a reading typed here is taken, unless another is said; null before the start. */
  readonly on: string | null;
}

/**
 * What stands in one cell.
 * @param measure that is read
 * @param unit whose row it is
 * @param column of that measure
 * @returns the readings of that unit for that walk or day
 */
export function gridCell(study: Study, measure: Measure, unit: Unit, column: GridColumn): GridCell {
  const { all, live } = cell(study, measure.code, unit.code);
  const here = ({ plannedDay, observedOn, category }: Observation) =>
    (!hasCategories(measure) || category === measure.category) &&
    (column.plannedDay === null
      ? (plannedDay === null || !measure.readingDays.includes(plannedDay)) && observedOn.slice(0, 10) === column.on
      : plannedDay === column.plannedDay);
  const shown = live.filter(here);
  const ids = new Set(shown.map(({ id }) => id));
  // What was corrected into another day belongs to the history of the cell where it now stands.
  const history = [...all].reverse().filter((seen) => {
    if (!ids.has(seen.id)) return false;
    if (seen.replaces !== null) ids.add(seen.replaces);
    return true;
  });
  const start = startOf(unit, study.experiment);
  const on = column.on ?? (start === null || column.plannedDay === null ? null : addDays(start, Math.floor(column.plannedDay)));
  return { reading: shown[shown.length - 1] ?? null, live: shown, all: history.reverse(), on };
}
