<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, shallowRef, watch } from 'vue';
import {
  addDays,
  byCode,
  gridCell,
  gridColumns,
  itemAt,
  kindOf,
  lastOf,
  primaryOf,
  readsBlind,
  roundOrder,
  unitData,
  unitsRead,
  type GridColumn,
  type Unit,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import DataTable from '../components/DataTable.vue';
import DateField from '../components/DateField.vue';
import { today } from '../stores/today';
import { aboutDay } from './aboutDay';
import DayNote from './DayNote.vue';
import ImportReadings from './ImportReadings.vue';
import ReadingsGrid from './ReadingsGrid.vue';

/** More days side by side than this nobody can read, and more cells make the page wait; the other days are chosen. */
const MOST_DAYS = 30;
const MOST_CELLS = 3000;
const FEWEST_DAYS = 7;

/** Everything that was read of one measure: a row a unit, a column a walk or an extra day; typed in, mended, pasted and imported here. */
const { experiment, study } = useLoaded();
const shown = ref(primaryOf(experiment.value.measures)?.code);
const measure = computed(() => byCode(experiment.value.measures, shown.value) ?? itemAt(experiment.value.measures, 0));
/** What is worked out is shown, and typed in elsewhere: a formula, the mean of plants that are measured one by one. */
const workedOut = computed(() => kindOf(measure.value).entry === 'none' || measure.value.by === 'plant');

const newDay = ref(today());
const more = ref<readonly string[]>([]);
const columns = computed(() => gridColumns(study.value, measure.value, more.value));
const daysAtOnce = computed(() => Math.max(FEWEST_DAYS, Math.min(MOST_DAYS, Math.floor(MOST_CELLS / experiment.value.units.length))));
const ranges = computed(() => Array.from({ length: Math.ceil(columns.value.length / daysAtOnce.value) }, (_, i) => rangeOf(i)).reverse());
const chosen = ref<string | null>(null);
/** The newest that has begun, unless others are chosen. */
const range = computed(
  () =>
    ranges.value.find(({ value }) => value === chosen.value) ??
    ranges.value.find(({ columns: own }) => hasCome(itemAt(own, 0))) ??
    ranges.value.at(-1),
);
const hasCome = ({ on, plannedDay }: GridColumn) => {
  const { startedOn } = experiment.value;
  return (on ?? (startedOn === null ? '' : addDays(startedOn, Math.floor(plannedDay ?? 0)))) <= today();
};
function rangeOf(i: number) {
  const own = columns.value.slice(i * daysAtOnce.value, (i + 1) * daysAtOnce.value);
  return { value: String(i), label: `${itemAt(own, 0).id} to ${lastOf(own).id}`, columns: own };
}
function addDay(): void {
  if (aboutDay(newDay.value, null) !== null) return;
  more.value = [...new Set([...more.value, newDay.value])];
  chosen.value = null;
}

const arm = ref('all');
const arms = computed(() => [
  { value: 'all', label: 'all groups' },
  ...experiment.value.arms.map((own) => ({ value: own.code, label: own.name })),
]);
const gaps = ref(false);
const sorted = ref<string | null>(null);
const shownColumns = computed<readonly GridColumn[]>(() => range.value?.columns ?? []);
// Worked out once for a choice of filter and order: a row that is filled does not jump away under the hand.
const order = shallowRef<readonly string[]>([]);
watch(
  [() => measure.value.code, arm, gaps, sorted, () => range.value?.label, () => experiment.value.units.length],
  () => (order.value = inOrder()),
  {
    immediate: true,
  },
);
const units = computed(() => {
  const byCode = new Map(unitsRead(experiment.value, measure.value).map((unit) => [unit.code, unit]));
  return order.value.flatMap((code) => byCode.get(code) ?? []);
});
function inOrder(): string[] {
  const shownUnits = roundOrder(unitsRead(experiment.value, measure.value)).filter((unit) => arm.value === 'all' || unit.arm === arm.value);
  const kept = gaps.value
    ? shownUnits.filter((unit) => unit.status === 'active' && shownColumns.value.some((column) => isGap(unit, column)))
    : shownUnits;
  const by = columns.value.find(({ id }) => id === sorted.value);
  const valueOf = (unit: Unit) => (by ? (gridCell(study.value, measure.value, unit, by).reading?.value ?? -Infinity) : 0);
  const compare: Readonly<Record<string, (a: Unit, b: Unit) => number>> = {
    unit: (a, b) => (a.code < b.code ? -1 : 1),
    arm: (a, b) => (a.arm < b.arm ? -1 : a.arm > b.arm ? 1 : 0),
  };
  return [...kept].sort(compare[sorted.value ?? ''] ?? ((a, b) => valueOf(b) - valueOf(a))).map(({ code: unit }) => unit);
}
function isGap(unit: Unit, column: GridColumn): boolean {
  const { reading, on } = gridCell(study.value, measure.value, unit, column);
  return column.plannedDay !== null && reading === null && on !== null && on <= today();
}

const curves = computed(() => unitData(study.value, measure.value));
const days = computed(() =>
  [...new Set(curves.value.flatMap(({ curve }) => curve.map(({ day }) => day)))].sort((a, b) => a - b).slice(-MOST_DAYS),
);
const head = computed(() => [experiment.value.plan.unitNoun, ...(readsBlind(experiment.value) ? [] : ['arm']), ...days.value.map(String)]);
const rows = computed(() => {
  const byUnit = new Map(curves.value.map(({ unit, curve }) => [unit.code, new Map(curve.map(({ day, value }) => [day, value]))]));
  const value = (unit: Unit, day: number) => byUnit.get(unit.code)?.get(day);
  return units.value.map((unit) => [
    unit.status === 'active' ? unit.code : `${unit.code} ${unit.status}`,
    ...(readsBlind(experiment.value) ? [] : [unit.arm]),
    ...days.value.map((day) => (value(unit, day) === undefined ? '–' : String(Number(value(unit, day)?.toPrecision(6))))),
  ]);
});
</script>

<template>
  <div class="head later">
    <h2>The notebook</h2>
    <ChoiceField
      v-if="experiment.measures.length > 1"
      :value="measure.code"
      :options="experiment.measures.map((own) => ({ value: own.code, label: own.name }))"
      label="Which measure is shown"
      @change="shown = $event"
    />
    <ChoiceField v-if="!readsBlind(experiment)" :value="arm" :options="arms" label="Which group is shown" @change="arm = $event" />
    <ChoiceField v-if="ranges.length > 1" :value="range?.value" :options="ranges" label="Which days are shown" @change="chosen = $event" />
    <label v-if="!workedOut" class="small"><input v-model="gaps" type="checkbox" /> only gaps</label>
    <ImportReadings :measure="measure" />
  </div>
  <template v-if="workedOut">
    <p v-if="days.length === 0" class="soft">Nothing yet: it is worked out from what is read.</p>
    <DataTable
      v-else
      :caption="`${measure.name}${measure.unit ? `, ${measure.unit}` : ''}, by day after the start; ${measure.by === 'plant' ? 'the mean of its plants, which are read on the walk' : 'worked out from the readings'}.`"
      :head="head"
      :rows="rows"
      :numbers-from="readsBlind(experiment) ? 1 : 2"
    />
  </template>
  <template v-else>
    <p class="soft small">
      {{ measure.name }}{{ measure.unit ? `, ${measure.unit}` : '' }}. Type and press Enter to go down, Tab to go on; paste a block from a
      spreadsheet. A dash is “not read”, an x “nothing there”. * corrected, + read late; what stood before is kept.
    </p>
    <p v-if="units.length === 0" class="soft">No gap is left: every {{ experiment.plan.unitNoun }} shown was read.</p>
    <ReadingsGrid
      v-else
      :measure="measure"
      :units="units"
      :columns="shownColumns"
      :sorted="sorted"
      @sort="sorted = sorted === $event ? null : $event"
    />
    <p class="add small no-print">
      <span>Something read on another day:</span>
      <DateField :value="newDay" label="Day of extra readings" @change="newDay = $event" />
      <Button size="small" :disabled="aboutDay(newDay, null) !== null" @click="addDay">Add a column</Button>
      <DayNote :day="newDay" :within="experiment" />
    </p>
  </template>
</template>

<style scoped>
.head {
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: baseline;
  justify-content: start;
}
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: baseline;
}
</style>
