import { v7 as uuid } from 'uuid';
import { computed, ref, watch } from 'vue';
import { kindOf, readingBefore, readReading, shortDate, stopsOf, type Doubt, type Observation, type Stop } from '@fern/core';
import { useLoaded } from '../frame/loaded';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';
import { today } from '../stores/today';

/** A reading that was just taken, and the one that stood there before. */
interface Taken {
  readonly stop: number;
  readonly before: Observation | null;
}

/** A walk along the bench: where one stands, what is typed, what a second look should settle, and the way back. */
export function useWalk(day: () => number) {
  const { id, experiment, study } = useLoaded();
  const outbox = useOutbox();
  const session = useSession();
  const stops = computed<Stop[]>(() => stopsOf(study.value, day()));
  const at = ref(-1);
  const typed = ref('');
  const note = ref('');
  const wrong = ref<string | null>(null);
  const said = ref<string | null>(null);
  const asked = ref<readonly Doubt[]>([]);
  const taken: Taken[] = [];
  const stop = computed<Stop | null>(() => stops.value[at.value] ?? null);
  const left = computed(() => stops.value.filter(({ reading }) => reading === null).length);
  const finished = computed(() => at.value >= stops.value.length);
  const done = computed(() => new Set(stops.value.filter(({ reading }) => reading !== null).map(({ unit }) => unit.unit)));

  function goTo(index: number): void {
    at.value = Math.max(0, Math.min(index, stops.value.length));
    wrong.value = null;
    said.value = null;
    asked.value = [];
    const there = stops.value[at.value];
    typed.value = there?.reading ? String(there.reading.value) : '';
    note.value = there?.reading?.note ?? '';
  }

  // Begins at the first stop that has no reading yet, as soon as the stops are known.
  watch(
    () => stops.value.length,
    (count) => {
      if (count > 0 && at.value < 0)
        goTo(
          Math.max(
            0,
            stops.value.findIndex(({ reading }) => reading === null),
          ),
        );
    },
    { immediate: true },
  );

  /** What the unit read last time, to compare with; null on the first walk. */
  const before = computed(() =>
    stop.value ? readingBefore(study.value, stop.value.unit.unit, stop.value.measure.measure, today()) : null,
  );

  function doubtsAbout(value: number, { unit, measure }: Stop): readonly Doubt[] {
    const neighbours = stops.value
      .filter((other) => other.measure === measure && other.unit !== unit)
      .flatMap(({ reading }) => reading?.value ?? []);
    return kindOf(measure).doubts(value, {
      measure,
      unit,
      before: before.value && { value: before.value.value, when: shortDate(before.value.observedOn) },
      neighbours,
    });
  }

  function keep({ unit, measure, reading }: Stop, value: number, words: string | null): void {
    const observation: Observation = {
      id: uuid(),
      unit: unit.unit,
      plant: null,
      measure: measure.measure,
      observedOn: today(),
      value,
      category: measure.category,
      observer: session.account?.name ?? null,
      blinded: experiment.value.blinded,
      source: 'hand',
      note: words,
      replaces: reading?.id ?? null,
    };
    outbox.add(id.value, { kind: 'reading', content: observation });
  }

  /** Takes what is typed; `sure` answers the questions that were asked about it. */
  function take(sure = false): void {
    const here = stop.value;
    if (!here) return;
    const read = readReading(typed.value, here.measure);
    if ('wrong' in read) {
      wrong.value = read.wrong;
      return;
    }
    const found = doubtsAbout(read.value, here);
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
    const words = note.value.trim() || null;
    if (here.reading?.value !== read.value || here.reading.note !== words) {
      taken.push({ stop: at.value, before: here.reading });
      keep(here, read.value, words);
    }
    goTo(at.value + 1);
  }

  /** Takes the last reading back: where it corrected one, that one stands again; a first reading stands until another number is typed. */
  function undo(): void {
    const last = taken.pop();
    if (!last) return goTo(at.value - 1);
    goTo(last.stop);
    const here = stops.value[last.stop];
    if (!here?.reading) return;
    if (last.before === null) {
      said.value = `${here.unit.unit} has ${here.reading.value}. It stands until you type another number.`;
      return;
    }
    keep(here, last.before.value, last.before.note);
    goTo(last.stop);
    said.value = `${here.unit.unit} has ${last.before.value} again.`;
  }

  function tally(step: number): void {
    const now = typed.value.trim() === '' ? 0 : Number(typed.value.replace(',', '.'));
    if (Number.isFinite(now)) typed.value = String(Math.max(0, now + step));
    asked.value = [];
  }

  /** Throws away what is typed, to read it again. */
  function again(): void {
    typed.value = '';
    asked.value = [];
  }

  return { stops, at, stop, before, typed, note, wrong, said, asked, left, finished, done, goTo, take, undo, tally, again };
}

export type WalkState = ReturnType<typeof useWalk>;
