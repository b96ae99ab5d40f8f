import { v7 as uuid } from 'uuid';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import {
  categoryReadings,
  plausibilityChecks,
  hasCategories,
  isValued,
  noneWords,
  openItems,
  readingBefore,
  readReading,
  recordReading,
  readsBlind,
  stillCounts,
  type Doubt,
  type Measure,
  type Observation,
  type Said,
  type RoundItem,
  typedNumber,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';
import { today } from '../stores/today';

/** A reading that was just taken, and the one that stood there before. */
interface Taken {
  readonly item: number;
  readonly id: string;
  readonly before: Observation | null;
}

interface RoundOptions {
  readonly items: Readonly<Ref<readonly RoundItem[]>>;
  /** The day on which this walk's readings are taken; null while nobody has said it. */
  readonly readOn: Readonly<Ref<string | null>>;
  /** Told of each reading, with its id. */
  readonly kept?: (id: string) => void;
}

/** A walk along the bench: where one stands, what is typed, what a second look should settle, and the way back. */
export function useRound({ items, readOn, kept }: RoundOptions) {
  const { id, experiment, study } = useLoaded();
  const outbox = useOutbox();
  const session = useSession();
  const at = ref(-1);
  const typed = ref('');
  const note = ref('');
  const wrong = ref<string | null>(null);
  const said = ref<string | null>(null);
  const asked = ref<readonly Doubt[]>([]);
  const taken: Taken[] = [];
  const item = computed<RoundItem | null>(() => items.value[at.value] ?? null);
  const open = computed(() => openItems(items.value));
  const left = computed(() => open.value.length);
  const finished = computed(() => at.value >= items.value.length);
  const done = computed(() => new Set(items.value.filter(({ reading }) => reading !== null).map(({ unit }) => unit.unit)));

  /** What stood at this item when one came to it: only that is corrected by what is typed. */
  const saw = shallowRef<Observation | null>(null);
  /** The same of a count by category. */
  const counts = shallowRef<ReadonlyMap<string, Observation>>(new Map());
  /** Readings that stood when the walk was opened, and those that were made on this page: of all others someone else is telling. */
  const known = new Set(study.value.observations.map((reading) => reading.id));
  const own = new Set<string>();
  const isHeard = ({ id: reading }: Observation) => !known.has(reading) && !own.has(reading);

  function goTo(index: number): void {
    at.value = Math.max(0, Math.min(index, items.value.length));
    wrong.value = null;
    said.value = null;
    asked.value = [];
    look();
  }

  /** The field is one's own: what someone else reads meanwhile is never put into it. */
  function look(): void {
    const here = item.value;
    saw.value = here?.reading && !isHeard(here.reading) ? here.reading : null;
    typed.value = saw.value?.value == null ? '' : String(saw.value.value);
    note.value = saw.value?.note ?? '';
    const all = here && hasCategories(here.measure) ? categoryReadings(study.value, here.measure, here.unit, here.plannedDay, own) : [];
    counts.value = new Map([...all].filter(([, reading]) => !isHeard(reading)));
  }

  /** What someone else has read here since the walk was opened; it stands beside what is typed. */
  const heard = computed(() => (item.value?.reading && isHeard(item.value.reading) ? item.value.reading : null));

  /** What one saw, where it stands still; a second reading corrects nothing that was put in its place meanwhile. */
  const standing = (seen: Observation | null | undefined) => (seen && stillCounts(study.value, seen) ? seen : null);

  // Begins at the first stop that has no reading yet, as soon as the items are known.
  watch(
    () => items.value.length,
    (count) => {
      if (count > 0 && at.value < 0)
        goTo(
          Math.max(
            0,
            items.value.findIndex((own) => open.value.includes(own)),
          ),
        );
    },
    { immediate: true },
  );

  watch(
    () => item.value?.reading ?? null,
    (reading) => {
      if (reading !== null && own.has(reading.id)) saw.value = reading;
    },
  );

  /** A correction keeps the day of what it corrects. */
  const dayOf = ({ reading }: RoundItem) => reading?.observedOn ?? readOn.value ?? today();

  /** What the unit read last time, to compare with; null on the first walk. */
  const before = computed(() =>
    item.value
      ? readingBefore(study.value, item.value.unit.unit, item.value.measure.measure, dayOf(item.value).slice(0, 10), item.value.plant)
      : null,
  );

  function doubtsOf(value: number, here: RoundItem): readonly Doubt[] {
    const neighbours = items.value
      .filter((other) => other.measure === here.measure && other.unit !== here.unit)
      .flatMap(({ reading }) => reading?.value ?? []);
    return plausibilityChecks(study.value, { ...here, on: dayOf(here).slice(0, 10) }, value, neighbours);
  }

  /** A new reading of this walk, by whoever is signed in. */
  function readingOf(here: RoundItem & { readonly category?: string }, what: Said) {
    const by = { id: uuid(), observer: session.account?.name ?? null, blinded: readsBlind(experiment.value) };
    own.add(by.id);
    kept?.(by.id);
    return { kind: 'reading', content: recordReading(here, what, dayOf(here), by) } as const;
  }

  function keep(here: RoundItem, what: Said): string {
    const fresh = readingOf(here, what);
    void outbox.add(id.value, fresh);
    return fresh.content.id;
  }

  /** Keeps what is said of this stop, unless that is what one saw there, and goes on. */
  function goOn(here: RoundItem, what: Said): void {
    const { reading } = here;
    if (reading?.value !== what.value || reading.absent !== what.absent || reading.note !== what.note) {
      const before = standing(reading);
      taken.push({ item: at.value, before, id: keep({ ...here, reading: before }, what) });
    }
    goTo(at.value + 1);
  }

  const words = () => note.value.trim() || null;

  /** Takes what is typed; `sure` answers the questions that were asked about it. */
  function take(sure = false): void {
    if (!item.value) return;
    const here = { ...item.value, reading: saw.value };
    // On an extra walk one passes by what has nothing new; on any walk what someone else has read.
    const passes = here.plannedDay === null || heard.value !== null;
    if (passes && typed.value.trim() === '' && here.reading === null) return goTo(at.value + 1);
    const read = readReading(typed.value, here.measure);
    if ('wrong' in read) {
      wrong.value = read.wrong;
      return;
    }
    const found = doubtsOf(read.value, here);
    const impossible = found.find(({ level }) => level === 'stop');
    if (impossible) {
      wrong.value = impossible.message;
      return;
    }
    if (found.length > 0 && !sure && asked.value.length === 0) {
      asked.value = found;
      wrong.value = null;
      return;
    }
    goOn(here, { value: read.value, absent: null, note: words() });
  }

  /** The plants of this unit are all measured: on to what comes after them. */
  function noMore(): void {
    const here = item.value;
    if (!here || here.plant === null) return;
    const after = items.value.findIndex((own, i) => i > at.value && (own.unit !== here.unit || own.measure !== here.measure));
    goTo(after < 0 ? items.value.length : after);
  }

  /** Takes that there is no value here, and why. */
  function takeAbsent(absent: NonNullable<Observation['absent']>): void {
    if (item.value) goOn({ ...item.value, reading: saw.value }, { value: null, absent, note: words() });
  }

  /** Takes a count by category: a reading for each that says something new. */
  function takeCounts(told: ReadonlyMap<string, number>): void {
    const here = item.value;
    if (!here) return;
    const said = [...told].filter(([category, count]) => counts.value.get(category)?.value !== count);
    const fresh = said.map(([category, value]) =>
      readingOf({ ...here, reading: standing(counts.value.get(category)), category }, { value, absent: null, note: words() }),
    );
    if (fresh.length > 0) void outbox.addAll(id.value, fresh);
    goTo(at.value + 1);
  }

  /**
   * Takes many items at once, each with its value and its note: a reading for each that says something new.
   * @param all as one saw them
   */
  function takeMany(all: readonly RoundItem[], values: ReadonlyMap<string, number>, notes: ReadonlyMap<string, string>): void {
    const fresh = all.flatMap((here) => {
      const [value, said] = [values.get(here.unit.unit), notes.get(here.unit.unit) ?? null];
      if (value === undefined || (here.reading?.value === value && here.reading.note === said)) return [];
      return [readingOf({ ...here, reading: standing(here.reading) }, { value, absent: null, note: said })];
    });
    if (fresh.length > 0) void outbox.addAll(id.value, fresh);
    const told = new Set(all.map(({ unit }) => unit.unit));
    const next = items.value.findIndex((item) => item.reading === null && !told.has(item.unit.unit));
    goTo(next < 0 ? items.value.length : next);
  }

  /** What a stop's unit read before; null where it never was. */
  const lastOf = (here: RoundItem) =>
    readingBefore(study.value, here.unit.unit, here.measure.measure, dayOf(here).slice(0, 10), here.plant)?.value ?? null;

  /** Takes the last reading back: where it corrected one, that one stands again; a first reading stands until something else is said. */
  function undo(): void {
    const last = taken.pop();
    if (!last) return goTo(at.value - 1);
    goTo(last.item);
    const here = items.value[last.item];
    const mine = observationOf(last.id);
    if (!here || !mine) return;
    if (standing(mine) === null) {
      said.value = `${here.unit.unit} has been put right by someone else meanwhile. What they said stands.`;
      return;
    }
    saw.value = mine;
    typed.value = mine.value === null ? '' : String(mine.value);
    if (last.before === null) {
      said.value = `${here.unit.unit} has ${readingWords(mine, here.measure)}. It stands until you type another number.`;
      return;
    }
    const { value, absent, note: before } = last.before;
    keep({ ...here, reading: mine }, { value, absent, note: before });
    goTo(last.item);
    said.value = `${here.unit.unit} has ${readingWords(last.before, here.measure)} again.`;
  }

  const observationOf = (reading: string) => study.value.observations.find((own) => own.id === reading);

  function tally(step: number): void {
    const now = typed.value.trim() === '' ? 0 : typedNumber(typed.value);
    if (now !== null) typed.value = String(Math.max(0, now + step));
    asked.value = [];
  }

  /** Throws away what is typed, to read it again. */
  function again(): void {
    typed.value = '';
    asked.value = [];
  }

  return {
    at,
    item,
    saw,
    heard,
    counts,
    before,
    typed,
    note,
    wrong,
    said,
    asked,
    left,
    finished,
    done,
    goTo,
    take,
    takeCounts,
    takeMany,
    lastOf,
    takeAbsent,
    noMore,
    undo,
    tally,
    again,
  };
}

export type RecordingRound = ReturnType<typeof useRound>;

/** What a reading says, in a word: "12", "nothing there". */
export function readingWords(reading: Observation, measure: Pick<Measure, 'none'>): string {
  if (isValued(reading)) return String(reading.value);
  return reading.absent === 'nothing-there' ? noneWords(measure) : 'not read';
}
