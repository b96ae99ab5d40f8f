import { noSuchMeasure, noSuchUnit } from '../check/noSuch';
import { checkReadings } from '../check/readings';
import { addDays, daysBetween, momentWords, readsBlind, type Measure, type Observation, type Study, type Unit } from '../model';
import { itemAt } from '../invariant';
import { kindOf } from '../kinds';
import { startOf } from '../study/curves';
import { cell } from '../study/readings';
import { parseDay, type ColumnUse } from './importColumns';
import { gridCell } from './readingsGrid';
import { roundOf } from '../study/roundOf';
import { recordReading } from './recordReading';
import { typedCell, type CellSays } from './typedCell';

/** One cell of a table from elsewhere that cannot be taken, or is unlikely, and why; the head is row 1. */
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
  readonly overwrite: boolean;
  readonly observer: string | null;
  readonly id: () => string;
}

/** What can be taken: new readings, those among them that are unlikely, and how many stand there already. */
export interface Importable {
  readonly readings: readonly Observation[];
  readonly asked: readonly ImportProblem[];
  readonly same: number;
}

interface Cell {
  readonly column: string;
  readonly text: string;
  readonly measure: string;
  readonly day: string;
}

/** What the rows so far have come to. */
interface Progress {
  readonly readings: { readonly reading: Observation; readonly row: number; readonly column: string }[];
  /** By unit, measure, and walk or day. */
  readonly taken: Map<string, Observation>;
  /** Readings of the study that a row has said again. */
  readonly met: Set<string>;
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
): Importable | { readonly problems: readonly ImportProblem[] } {
  const { experiment } = options.study;
  const [head = [], ...lines] = rows;
  const unfit = unfitColumns(options, lines.length);
  if (unfit.length > 0) return { problems: unfit };

  const units = new Map(experiment.units.map((unit) => [unit.code.toLowerCase(), unit]));
  const measures = new Map(experiment.measures.flatMap((own) => [own.code, own.name].map((name) => [name.toLowerCase(), own] as const)));
  const problems: ImportProblem[] = [];
  const progress: Progress = { readings: [], taken: new Map(), met: new Set() };
  for (const [i, line] of lines.entries()) {
    if (problems.length >= MOST_PROBLEMS) break;
    const row: Row = { number: i + 2, text: textsOf(line, options.uses) };
    const cells = cellsOf(row, line, head, options);
    if (cells.every((own) => own.text === '')) continue;
    const unit = units.get(row.text('unit').toLowerCase());
    if (unit === undefined) {
      const column = columnTitle(
        head,
        options.uses.findIndex((use) => use.as === 'unit'),
      );
      const message = noSuchUnit(row.text('unit'), experiment.plan);
      problems.push({ row: row.number, column, message });
      continue;
    }
    for (const own of cells) {
      const found = readCell(own, unit, measures.get(own.measure.toLowerCase()), progress, options);
      const wrong = found === null ? null : 'wrong' in found ? found.wrong : take(found, row, own.column, progress, options);
      if (wrong !== null) problems.push({ row: row.number, column: own.column, message: wrong });
    }
  }
  const { met } = progress;
  if (problems.length === 0 && progress.readings.length === 0 && met.size === 0)
    problems.push({ row: 1, column: '', message: 'There is no value in this table.' });
  const readings = progress.readings.map(({ reading }) => reading);
  const objections = checkReadings(options.study, readings, options.today).map(({ answer, pointer, detail }) => {
    const { row, column } = itemAt(progress.readings, Number(pointer.split('/')[1]));
    return { answer, problem: { row, column, message: detail } };
  });
  const of = (wanted: 'refused' | 'asked') => objections.flatMap(({ answer, problem }) => (answer === wanted ? [problem] : []));
  const wrong = [...problems, ...of('refused')].sort((a, b) => a.row - b.row).slice(0, MOST_PROBLEMS);
  return wrong.length > 0 ? { problems: wrong } : { readings, asked: of('asked'), same: met.size };
}

/** What keeps a table from being read at all. */
function unfitColumns({ study, uses }: Import, count: number): ImportProblem[] {
  const has = (...as: readonly ColumnUse['as'][]) => uses.some((use) => as.includes(use.as));
  const needsDay = uses.some((use) => use.as === 'value' || (use.as === 'values' && use.on === null));
  const { unitNoun } = study.experiment.plan;
  return [
    ...(has('unit') ? [] : [{ row: 1, message: `No column says which ${unitNoun} a row is of. Choose one.` }]),
    ...(has('value', 'values') ? [] : [{ row: 1, message: 'No column holds values. Choose one.' }]),
    ...(needsDay && !has('day') ? [{ row: 1, message: 'No column says on which day a value was read. Choose one.' }] : []),
    ...(count > MOST_IMPORTED
      ? [{ row: MOST_IMPORTED + 2, message: `There are ${count} rows; at most ${MOST_IMPORTED} can be taken at once.` }]
      : []),
  ].map((problem) => ({ ...problem, column: '' }));
}

/** A row of the table, and what its columns say by their use; empty where no column has it. */
interface Row {
  readonly number: number;
  readonly text: (use: ColumnUse['as']) => string;
}

function textsOf(line: readonly string[], uses: readonly ColumnUse[]): Row['text'] {
  return (as) => (line[uses.findIndex((use) => use.as === as)] ?? '').trim();
}

const columnTitle = (head: readonly string[], i: number) => head[i]?.trim() || `column ${i + 1}`;

/** The cells of a row that hold values. */
function cellsOf({ text }: Row, line: readonly string[], head: readonly string[], { uses, measure }: Import): Cell[] {
  return uses.flatMap((use, i) => {
    const own = { column: columnTitle(head, i), text: (line[i] ?? '').trim() };
    if (use.as === 'value') return [{ ...own, measure: text('measure') || measure, day: text('day') }];
    return use.as === 'values' ? [{ ...own, measure: use.measure, day: use.on ?? text('day') }] : [];
  });
}

/** Where a reading stands: on a walk, or on a day of its own. */
const placeIn = (unit: Unit, measure: Measure, day: number | string | null) => JSON.stringify([unit.code, measure.code, day]);

/** Takes what a cell says, unless it stands there already; or says in words why it cannot be. */
function take(
  found: Found,
  { text, number: row }: Row,
  column: string,
  { readings, taken, met }: Progress,
  { study, overwrite, observer, id }: Import,
): string | null {
  const { unit, measure, says, on } = found;
  const { adds } = kindOf(measure);
  const placeOf = (day: number | string | null) => placeIn(unit, measure, day);
  // What adds up goes beside what is there; each reading that is there already is the same as one row of the file.
  const isExtra = adds && (found.before !== null || taken.has(placeOf(found.plannedDay)));
  const plannedDay = isExtra ? null : found.plannedDay;
  const before = adds
    ? (thereOn(study, measure, unit, on).find((seen) => says.value === seen.value && !met.has(seen.id)) ?? null)
    : found.before;
  if (before && before.value === says.value && before.absent === says.absent) {
    met.add(before.id);
    return null;
  }
  const twice = adds ? undefined : taken.get(placeOf(plannedDay ?? on));
  if (twice) return `${unit.code} has ${twice.value ?? 'nothing'} for this day in a row above.`;
  if (before && !overwrite)
    return `${unit.code} has ${before.value ?? 'nothing'} there already, and the file says ${says.value ?? 'nothing'}.`;
  const by = { id: id(), observer: text('observer') || observer, blinded: readsBlind(study.experiment), source: 'import' as const };
  const reading = recordReading(
    { unit, measure, plannedDay, reading: before },
    { ...says, note: text('note') || null },
    before?.observedOn ?? on,
    by,
  );
  taken.set(placeOf(plannedDay ?? on), reading);
  readings.push({ reading, row, column });
  return null;
}

const thereOn = (study: Study, measure: Measure, unit: Unit, on: string) =>
  cell(study, measure.code, unit.code).live.filter(({ observedOn }) => observedOn.slice(0, 10) === on);

interface Found {
  readonly unit: Unit;
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
  { taken }: Progress,
  { study }: Import,
): Found | { readonly wrong: string } | null {
  if (own.text === '') return null;
  if (measure === undefined) return { wrong: noSuchMeasure(own.measure) };
  const says = typedCell(own.text, measure);
  if (says === null) return null;
  if ('wrong' in says) return says;
  const day = parseDay(own.day);
  if (day === null) return { wrong: `“${own.day}” is not a day. Use a day after the start, like 4, or a date, like 2026-04-14.` };
  const start = startOf(unit, study.experiment);
  if (start === null) return { wrong: 'The experiment has not started. Start it on the plan’s page first.' };
  const after = 'after' in day ? day.after : daysBetween(start, day.date);
  const on = 'date' in day ? day.date : addDays(start, Math.floor(day.after));
  const round = roundOf(after, measure);
  if (round !== null) {
    const there = gridCell(study, measure, unit, { id: momentWords(round), plannedDay: round, on: null });
    const filling = taken.get(placeIn(unit, measure, round)) ?? there.reading;
    // A reading on the walk's own day is that walk's; a later one fills it where nothing else did.
    if (after === round || filling === null || filling.observedOn.slice(0, 10) === on)
      return { unit, measure, says, on, plannedDay: round, before: there.reading };
  }
  const extra = kindOf(measure).adds ? null : gridCell(study, measure, unit, { id: on, plannedDay: null, on }).reading;
  return { unit, measure, says, on, plannedDay: null, before: extra };
}
