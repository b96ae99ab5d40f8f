import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import { categoryReadings, hasCategories, typedNumber, type Objection, type Observation, type RoundItem } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import type { RoundReadings } from './useRoundReadings';

/** What stands in the field at an item: one's own, and never what someone else reads meanwhile. */
export function useReadingField(item: Readonly<Ref<RoundItem | null>>, readings: RoundReadings) {
  const { study } = useLoaded();
  const typed = ref('');
  const note = ref('');
  const wrong = ref<string | null>(null);
  const said = ref<string | null>(null);
  const asked = ref<readonly Objection[]>([]);
  /** What stood at this item when one came to it: only that is corrected by what is typed. */
  const saw = shallowRef<Observation | null>(null);
  /** The same of a count by category. */
  const counts = shallowRef<ReadonlyMap<string, Observation>>(new Map());
  /** What someone else has read here since the round was opened; it stands beside what is typed. */
  const heard = computed(() => (item.value?.reading && readings.isHeard(item.value.reading) ? item.value.reading : null));
  /** What the unit read last time. */
  const before = computed(() => (item.value ? readings.before(item.value) : null));

  function show(reading: Observation | null): void {
    saw.value = reading;
    typed.value = reading?.value == null ? '' : String(reading.value);
  }

  /** Begins anew at the item. */
  function look(): void {
    const here = item.value;
    wrong.value = null;
    said.value = null;
    asked.value = [];
    show(here?.reading && !readings.isHeard(here.reading) ? here.reading : null);
    note.value = saw.value?.note ?? '';
    const all =
      here && hasCategories(here.measure) ? categoryReadings(study.value, here.measure, here.unit, here.plannedDay, readings.ownIds) : [];
    counts.value = new Map([...all].filter(([, reading]) => !readings.isHeard(reading)));
  }

  watch(
    () => item.value?.reading ?? null,
    (reading) => {
      if (reading !== null && readings.isOwn(reading)) saw.value = reading;
    },
  );

  /** What was said of a number no longer holds once another is typed. */
  function doubtLess(): void {
    asked.value = [];
    wrong.value = null;
  }

  // Put right meanwhile, the number sown answers what was asked.
  watch(() => item.value?.unit.sown, doubtLess);

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

  return { typed, note, wrong, said, asked, saw, counts, heard, before, show, look, tally, again, doubtLess };
}
