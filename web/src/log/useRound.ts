import type { Ref } from 'vue';
import { askedAbout, readReading, refusedOf, type Objection, type Observation, type RoundItem, type Said } from '@fern/core';
import { readingWords } from './readingWords';
import { useReadingField } from './useReadingField';
import { useRoundPosition } from './useRoundPosition';
import { useRoundReadings } from './useRoundReadings';

/** A reading that was just taken, and the one that stood there before. */
interface Taken {
  readonly item: number;
  readonly id: string;
  readonly before: Observation | null;
}

interface RoundOptions {
  readonly items: Readonly<Ref<readonly RoundItem[]>>;
  /** The day on which this round's readings are taken; null while nobody has said it. */
  readonly readOn: Readonly<Ref<string | null>>;
  /** Told of each reading, with its id. */
  readonly kept: (id: string) => void;
}

/** A round along the bench: where one stands, what is in the field, and what takes it or takes it back. */
export function useRound({ items, readOn, kept }: RoundOptions) {
  const readings = useRoundReadings({ readOn, kept });
  const position = useRoundPosition(items, () => field.look());
  const { at, item, goTo } = position;
  const field = useReadingField(item, readings);
  const { typed, note, wrong, said, asked, saw, counts, heard } = field;
  const taken: Taken[] = [];
  position.begin();

  /** Keeps what is said of this item, unless that is what one saw there, and goes on. */
  function goOn(here: RoundItem, what: Said): void {
    const { reading } = here;
    if (reading?.value !== what.value || reading.absent !== what.absent || reading.note !== what.note) {
      const before = readings.standing(reading);
      taken.push({ item: at.value, before, id: readings.keep({ ...here, reading: before }, what) });
    }
    goTo(at.value + 1);
  }

  const words = () => note.value.trim() || null;

  /** Takes what is typed; `sure` answers the questions that were asked about it. */
  function take(sure = false): void {
    if (!item.value) return;
    const here = { ...item.value, reading: saw.value };
    // On an extra round one passes by what has nothing new; on any round what someone else has read.
    const passes = here.plannedDay === null || heard.value !== null;
    if (passes && typed.value.trim() === '' && here.reading === null) return goTo(at.value + 1);
    const read = readReading(typed.value, here.measure);
    if ('wrong' in read) {
      wrong.value = read.wrong;
      return;
    }
    const what = { value: read.value, absent: null, note: words() };
    if (mayKeep(readings.objectionsToAll([{ here, what }]), sure)) goOn(here, what);
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

  /** Takes a count by category: a reading for each that says something new; `sure` answers the questions that were asked about them. */
  function takeCounts(told: ReadonlyMap<string, number>, sure = false): void {
    const here = item.value;
    if (!here) return;
    const news = [...told]
      .filter(([category, count]) => counts.value.get(category)?.value !== count)
      .map(([category, value]) => ({
        here: { ...here, reading: counts.value.get(category) ?? null, category },
        what: { value, absent: null, note: words() },
      }));
    if (!mayKeep(readings.objectionsToAll(news), sure)) return;
    readings.keepAll(news);
    goTo(at.value + 1);
  }

  /** Whether nothing is in the way; what is, or is to be asked first, is said. */
  function mayKeep(objections: readonly Objection[], sure: boolean): boolean {
    const [impossible] = refusedOf(objections);
    wrong.value = impossible?.detail ?? null;
    if (impossible) return false;
    const unlikely = askedAbout(objections);
    if (unlikely.length === 0 || sure || asked.value.length > 0) return true;
    asked.value = unlikely;
    return false;
  }

  /**
   * Takes many items at once, each with its value and its note: a reading for each that says something new.
   * @param all as one saw them
   */
  function takeMany(all: readonly RoundItem[], values: ReadonlyMap<string, number>, notes: ReadonlyMap<string, string>): void {
    readings.keepAll(
      all.flatMap((here) => {
        const [value, told] = [values.get(here.unit.code), notes.get(here.unit.code) ?? null];
        if (value === undefined || (here.reading?.value === value && here.reading.note === told)) return [];
        return [{ here, what: { value, absent: null, note: told } }];
      }),
    );
    const done = new Set(all.map(({ unit }) => unit.code));
    const next = items.value.findIndex((own) => own.reading === null && !done.has(own.unit.code));
    goTo(next < 0 ? items.value.length : next);
  }

  /** Takes the last reading back: where it corrected one, that one stands again; a first reading stands until something else is said. */
  function undo(): void {
    const last = taken.pop();
    if (!last) return goTo(at.value - 1);
    goTo(last.item);
    const here = items.value[last.item];
    const mine = readings.find(last.id);
    if (!here || !mine) return;
    if (readings.standing(mine) === null) {
      said.value = `${here.unit.code} has been put right by someone else meanwhile. What they said stands.`;
      return;
    }
    field.show(mine);
    if (last.before === null) {
      said.value = `${here.unit.code} has ${readingWords(mine, here.measure)}. It stands until you type another number.`;
      return;
    }
    const { value, absent, note: before } = last.before;
    readings.keep({ ...here, reading: mine }, { value, absent, note: before });
    goTo(last.item);
    said.value = `${here.unit.code} has ${readingWords(last.before, here.measure)} again.`;
  }

  /** What an item's unit read before; null where it never was. */
  const lastValue = (here: RoundItem) => readings.before(here)?.value ?? null;

  return { position, field, take, takeAbsent, takeCounts, takeMany, noMore, undo, lastValue };
}

export type RecordingRound = ReturnType<typeof useRound>;
