import { addDays, daysBetween, momentWords, readsBlind, type Measure, type Observation, type Study, type Unit } from '../model';
import { kindOf } from '../kinds';
import { startOf } from '../study/curves';
import { cell } from '../study/readings';
import { parseDay, type ColumnUse } from './importColumns';
import { gridCell } from './readingsGrid';
import { roundOf } from '../study/roundOf';
import { recordReading } from './recordReading';
import { typedCell, type CellSays } from './typedCell';

/** One cell of a table from elsewhere that cannot be taken, and why; the head is row 1. */
export interface ImportProblem {
  readonly row: number;
  readonly column: string;
  readonly message: string;
}

/** A table is read no further when so many cells cannot be taken. */
const MOST_PROBLEMS = 100;
/** The most rows that are imported at once. */
export const MOST_IMPORTED = 50_000;

interface Import {
  readonly study: Study;
  readonly uses: readonly ColumnUse[];
  /** The measure of values whose row or column names none. */
  readonly measure: string;
  /** Calendar date: nothing later can have been read. */
  readonly today: string;
  /** Where something else stands already, the file is right. */
  readonly mend: boolean;
  readonly observer: string | null;
  readonly id: () => string;
}

interface Cell {
  readonly row: number;
  readonly column: string;
  readonly text: string;
  readonly measure: string;
  readonly day: string;
}

/**
 * The readings of a table from elsewhere: all of them, or every cell that cannot be taken. A reading of a planned day, or after it and
 * before the next, fills that walk where nothing stands there; any other is extra. What stands there already and says the same is left out.
 * @param rows the table with its head
 * @param options what each column is, and the study that the readings belong to
 * @returns new readings in the order of the table; or what is wrong, by row and column
 */
export function importReadings(
  rows: readonly (readonly string[])[],
  options: Import,
): { readonly readings: readonly Observation[]; readonly same: number } | { readonly problems: readonly ImportProblem[] } {
  const { study, uses, id } = options;
  const { experiment } = study;
  const [head = [], ...lines] = rows;
  const problems: ImportProblem[] = [];
  const problem = (row: number, column: string, message: string) => void problems.push({ row, column, message });
  const at = (as: ColumnUse['as']) => uses.findIndex((use) => use.as === as);
  if (at('unit') < 0) problem(1, '', `No column says which ${experiment.plan.unitWord} a row is of. Choose one.`);
  if (at('value') < 0 && at('values') < 0) problem(1, '', 'No column holds values. Choose one.');
  if (uses.some((use) => use.as === 'value' || (use.as === 'values' && use.on === null)) && at('day') < 0)
    problem(1, '', 'No column says on which day a value was read. Choose one.');
  if (lines.length > MOST_IMPORTED)
    problem(MOST_IMPORTED + 2, '', `There are ${lines.length} rows; at most ${MOST_IMPORTED} can be taken at once.`);
  if (problems.length > 0) return { problems };

  const units = new Map(experiment.units.map((unit) => [unit.unit.toLowerCase(), unit]));
  const measures = new Map(experiment.measures.flatMap((own) => [own.measure, own.name].map((name) => [name.toLowerCase(), own] as const)));
  const readings: Observation[] = [];
  const taken = new Map<string, Observation>();
  const met = new Set<string>();
  let same = 0;
  const title = (i: number) => head[i]?.trim() || `column ${i + 1}`;
  for (const [i, line] of lines.entries()) {
    if (problems.length >= MOST_PROBLEMS) break;
    const row = i + 2;
    const text = (use: ColumnUse['as']) => (at(use) < 0 ? '' : (line[at(use)] ?? '').trim());
    const cells: Cell[] = uses.flatMap((use, column) => {
      const own = { row, column: title(column), text: (line[column] ?? '').trim() };
      if (use.as === 'value') return [{ ...own, measure: text('measure') || options.measure, day: text('day') }];
      return use.as === 'values' ? [{ ...own, measure: use.measure, day: use.on ?? text('day') }] : [];
    });
    if (cells.every((own) => own.text === '')) continue;
    const unit = units.get(text('unit').toLowerCase());
    if (unit === undefined) {
      problem(row, title(at('unit')), `“${text('unit')}” is no ${experiment.plan.unitWord} of this experiment.`);
      continue;
    }
    for (const own of cells) {
      const found = readCell(own, unit, measures.get(own.measure.toLowerCase()), options);
      if (found === null) continue;
      if ('wrong' in found) {
        problem(row, own.column, found.wrong);
        continue;
      }
      const { measure, says, on } = found;
      const adds = kindOf(measure).adds;
      const onRound = JSON.stringify([unit.unit, measure.measure, found.plannedDay]);
      // What adds up goes beside what is there; each reading that is there already is the same as one row of the file.
      const isExtra = adds && (found.before !== null || taken.has(onRound));
      const before = adds
        ? (thereOn(study, measure, unit, on).find((seen) => says.value === seen.value && !met.has(seen.id)) ?? null)
        : found.before;
      const plannedDay = isExtra ? null : found.plannedDay;
      if (before && before.value === says.value && before.absent === says.absent) {
        met.add(before.id);
        same += 1;
        continue;
      }
      const key = JSON.stringify([unit.unit, measure.measure, plannedDay ?? on]);
      const twice = adds ? undefined : taken.get(key);
      if (twice) {
        problem(row, own.column, `${unit.unit} has ${twice.value ?? 'nothing'} for this day in a row above.`);
        continue;
      }
      if (before && !options.mend) {
        problem(
          row,
          own.column,
          `${unit.unit} has ${before.value ?? 'nothing'} there already, and the file says ${says.value ?? 'nothing'}.`,
        );
        continue;
      }
      const by = { id: id(), observer: text('observer') || options.observer, blinded: readsBlind(experiment), source: 'import' as const };
      const reading = recordReading(
        { unit, measure, plannedDay, reading: before },
        { ...says, note: text('note') || null },
        before?.observedOn ?? on,
        by,
      );
      taken.set(key, reading);
      readings.push(reading);
    }
  }
  if (problems.length === 0 && readings.length === 0 && same === 0) problem(1, '', 'There is no value in this table.');
  return problems.length > 0 ? { problems } : { readings, same };
}

const thereOn = (study: Study, measure: Measure, unit: Unit, on: string) =>
  cell(study, measure.measure, unit.unit).live.filter(({ observedOn }) => observedOn.slice(0, 10) === on);

interface Found {
  readonly measure: Measure;
  readonly says: CellSays;
  /** Calendar date on which it was read. */
  readonly on: string;
  readonly plannedDay: number | null;
  /** What stands there already. */
  readonly before: Observation | null;
}

function readCell(
  own: Cell,
  unit: Unit,
  measure: Measure | undefined,
  { study, today }: Import,
): Found | { readonly wrong: string } | null {
  if (own.text === '') return null;
  if (measure === undefined) return { wrong: `“${own.measure}” is no measure of this experiment.` };
  if (kindOf(measure).entry === 'none') return { wrong: `“${measure.name}” is worked out by the app; leave it out.` };
  const says = typedCell(own.text, measure, unit);
  if (says === null) return null;
  if ('wrong' in says) return says;
  const day = parseDay(own.day);
  if (day === null) return { wrong: `“${own.day}” is not a day. Use a day after the start, like 4, or a date, like 2026-04-14.` };
  const start = startOf(unit, study.experiment);
  if (start === null) return { wrong: 'The experiment has not started. Start it on the plan’s page first.' };
  const after = 'after' in day ? day.after : daysBetween(start, day.date);
  const on = 'date' in day ? day.date : addDays(start, Math.floor(day.after));
  if (on > today) return { wrong: `${on} has not come yet.` };
  if (after < 0) return { wrong: `${on} is before the start on ${start}.` };
  const round = roundOf(after, measure);
  if (round !== null) {
    const there = gridCell(study, measure, unit, { id: momentWords(round), plannedDay: round, on: null });
    // A reading on the walk's own day is that walk's; a later one fills it where nothing else did.
    if (after === round || there.reading === null || there.reading.observedOn.slice(0, 10) === on)
      return { measure, says, on, plannedDay: round, before: there.reading };
  }
  const extra = kindOf(measure).adds ? null : gridCell(study, measure, unit, { id: on, plannedDay: null, on }).reading;
  return { measure, says, on, plannedDay: null, before: extra };
}
