import { v7 as uuid } from 'uuid';
import { computed, nextTick, ref, shallowRef, watch, type Ref } from 'vue';
import {
  askedAbout,
  cellText,
  checkReading,
  checkReadings,
  refusedOf,
  gridCell,
  pastedBlock,
  recordReading,
  typedCell,
  readsBlind,
  stillCounts,
  type CellSays,
  type GridColumn,
  type Measure,
  type Observation,
  type PasteProblem,
  type Unit,
  itemAt,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';
import { today } from '../stores/today';

interface Shown {
  readonly measure: Readonly<Ref<Measure>>;
  readonly units: Readonly<Ref<readonly Unit[]>>;
  readonly columns: Readonly<Ref<readonly GridColumn[]>>;
  /** Someone is typing in it: the field is theirs. */
  readonly entered: Readonly<Ref<boolean>>;
}

/** A table that is typed in cell after cell: where one stands, what is typed there, and what is wrong with it. */
export function useGrid({ measure, units, columns, entered }: Shown) {
  const { id, experiment, study } = useLoaded();
  const outbox = useOutbox();
  const session = useSession();
  const at = ref({ row: 0, column: 0 });
  const typed = ref('');
  const wrong = ref<string | null>(null);
  /** What a second look at the number that was just kept should settle. */
  const asked = ref<readonly string[]>([]);
  const pasted = ref<string | null>(null);
  const problems = shallowRef<readonly PasteProblem[]>([]);
  const arrived = ref(true);
  /** Readings that were made on this page. */
  const own = new Set<string>();
  const unit = computed<Unit | null>(() => units.value[at.value.row] ?? null);
  const column = computed<GridColumn | null>(() => columns.value[at.value.column] ?? null);
  const here = computed(() => (unit.value && column.value ? gridCell(study.value, measure.value, unit.value, column.value) : null));
  /** What stood in the cell when one came to it. */
  const saw = shallowRef<Observation | null>(null);

  function goTo(row: number, to: number): void {
    at.value = {
      row: Math.max(0, Math.min(units.value.length - 1, row)),
      column: Math.max(0, Math.min(columns.value.length - 1, to)),
    };
    wrong.value = null;
    // What was just kept stands in the table a moment later; until then nothing is typed in the new cell.
    arrived.value = false;
    void nextTick(() => {
      look();
      arrived.value = true;
    });
  }

  function look(): void {
    saw.value = here.value?.reading ?? null;
    typed.value = cellText(saw.value);
  }
  /** What someone else has read of this cell since one came to it: it stands beside what is typed, never in the field. */
  const heard = computed(() => {
    const stands = here.value?.reading ?? null;
    return arrived.value && stands !== null && stands.id !== saw.value?.id && !own.has(stands.id) ? stands : null;
  });

  // A cell in which nobody types shows what stands there.
  watch(
    () => [here.value?.reading, entered.value] as const,
    () => !entered.value && arrived.value && typed.value === cellText(saw.value) && look(),
  );

  function reading(row: Unit, to: GridColumn, says: CellSays, observedOn: string, before: Observation | null) {
    const id = uuid();
    own.add(id);
    const by = { id, observer: session.account?.name ?? null, blinded: readsBlind(experiment.value) };
    const place = { unit: row, measure: measure.value, plannedDay: to.plannedDay, reading: before };
    return { kind: 'reading', content: recordReading(place, { ...says, note: before?.note ?? null }, observedOn, by) } as const;
  }

  /** The day on which a reading of this cell was taken; today where nothing has started that days could be counted from. */
  const dayOf = (row: Unit, own: GridColumn, before: Observation | null): string =>
    before?.observedOn ?? gridCell(study.value, measure.value, row, own).on ?? today();

  /** Takes what is typed; whether one may go on. An emptied cell was read and is not known any more: a dash, with what stood there kept. */
  function keep(): boolean {
    if (!arrived.value || unit.value === null || column.value === null || typed.value.trim() === cellText(saw.value)) return true;
    const read = typedCell(typed.value, measure.value) ?? { value: null, absent: 'not-read' as const };
    if ('wrong' in read) {
      wrong.value = read.wrong;
      return false;
    }
    // It corrects what one saw. What came in meanwhile stays beside it, and someone says which is right.
    const before = saw.value !== null && stillCounts(study.value, saw.value) ? saw.value : null;
    const fresh = reading(unit.value, column.value, read, dayOf(unit.value, column.value, before), before);
    const objections = checkReading(study.value, { measure: measure.value, unit: unit.value }, fresh.content, today());
    const [impossible] = refusedOf(objections);
    if (impossible) {
      wrong.value = impossible.detail;
      return false;
    }
    outbox.add(id.value, fresh);
    pasted.value = null;
    // What a second look should settle is kept all the same, so that typing goes on.
    asked.value = objections.map(({ detail }) => detail);
    return true;
  }

  function move(rows: number, to: number): void {
    if (keep()) goTo(at.value.row + rows, at.value.column + to);
  }

  /** Along the row, and from its end to the next. */
  function next(step: 1 | -1): void {
    const place = at.value.row * columns.value.length + at.value.column + step;
    if (place < 0 || place >= units.value.length * columns.value.length) return void keep();
    if (keep()) goTo(Math.floor(place / columns.value.length), place % columns.value.length);
  }

  /** All of a pasted block, or nothing. */
  function paste(text: string): void {
    const { row, column: first } = at.value;
    const [below, right] = [units.value.slice(row), columns.value.slice(first)];
    const block = pastedBlock(text, { units: below, columns: right.map(({ id: own }) => own), measure: measure.value });
    problems.value = [];
    pasted.value = null;
    if ('problems' in block) return void (problems.value = block.problems);
    const taken = block.cells.flatMap(({ row: r, column: c, says }) => {
      const [unit, column] = [itemAt(below, r), itemAt(right, c)];
      const { reading: before } = gridCell(study.value, measure.value, unit, column);
      if (before !== null && before.value === says.value && before.absent === says.absent) return [];
      return [{ unit, column, fresh: reading(unit, column, says, dayOf(unit, column, before), before) }];
    });
    const contents = taken.map(({ fresh }) => fresh.content);
    const objections = checkReadings(study.value, contents, today());
    const refused = refusedOf(objections);
    if (refused.length > 0) {
      problems.value = refused.map(({ pointer, detail }) => {
        const cell = itemAt(taken, Number(pointer.split('/')[1]));
        return { unit: cell.unit.code, column: cell.column.id, message: detail };
      });
      return;
    }
    void outbox.addAll(
      id.value,
      taken.map(({ fresh }) => fresh),
    );
    asked.value = askedAbout(objections).map(({ detail }) => detail);
    pasted.value = taken.length === 1 ? '1 reading was pasted.' : `${taken.length} readings were pasted.`;
    goTo(row, first);
  }

  /** Says on another day that what stands here was read: the reading stays, its day is mended. */
  function mendDay(day: string): void {
    const before = here.value?.reading;
    if (!before || !unit.value || !column.value || day === before.observedOn.slice(0, 10)) return;
    const mended = reading(unit.value, column.value, before, day, before);
    const objections = checkReading(study.value, { measure: measure.value, unit: unit.value }, mended.content, today());
    const [impossible] = refusedOf(objections);
    wrong.value = impossible?.detail ?? null;
    if (impossible) return;
    outbox.add(id.value, mended);
    asked.value = objections.map(({ detail }) => detail);
  }

  return { at, unit, column, here, heard, typed, wrong, asked, pasted, problems, goTo, keep, move, next, paste, mendDay };
}
