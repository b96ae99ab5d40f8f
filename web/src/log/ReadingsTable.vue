<script setup lang="ts">
import { computed, ref } from 'vue';
import { unitData, walkOrder } from '@fern/core';
import { useLoaded } from '../frame/loaded';
import ChoiceField from '../kit/ChoiceField.vue';
import DataTable from '../kit/DataTable.vue';

/** More days side by side than this nobody can read, and more cells make the page wait; the other days are chosen. */
const MOST_DAYS = 30;
const MOST_CELLS = 3000;
const FEWEST_DAYS = 7;

/** What was read of one measure: a row a unit, a column a day. */
const { experiment, study } = useLoaded();
const shown = ref(experiment.value.measures.find((measure) => measure.primary)?.measure);
const measure = computed(() => experiment.value.measures.find((own) => own.measure === shown.value) ?? experiment.value.measures[0]);
const curves = computed(() => new Map(unitData(study.value, measure.value).map(({ unit, curve }) => [unit.unit, curve])));
const days = computed(() => [...new Set([...curves.value.values()].flatMap((curve) => curve.map(({ day }) => day)))].sort((a, b) => a - b));
const daysAtOnce = computed(() => Math.max(FEWEST_DAYS, Math.min(MOST_DAYS, Math.floor(MOST_CELLS / experiment.value.units.length))));
const ranges = computed(() => Array.from({ length: Math.ceil(days.value.length / daysAtOnce.value) }, (_, i) => rangeOf(i)).reverse());
const chosen = ref<string | null>(null);
const range = computed(() => ranges.value.find(({ value }) => value === chosen.value) ?? ranges.value[0]);
const shownDays = computed(() => range.value?.days ?? []);

function rangeOf(i: number) {
  const own = days.value.slice(i * daysAtOnce.value, (i + 1) * daysAtOnce.value);
  return { value: String(i), label: `days ${own[0]} to ${own[own.length - 1]}`, days: own };
}
const corrected = computed(() => study.value.observations.filter((seen) => seen.replaces !== null).length);
const caption = computed(() => {
  const { name, unit } = measure.value;
  const kept = corrected.value > 0 ? ` ${corrected.value} corrected; the old values are kept.` : '';
  return `${name}${unit ? `, ${unit}` : ''}, by day after the start.${kept}`;
});
const head = computed(() => [experiment.value.plan.unitWord, ...(experiment.value.blinded ? [] : ['arm']), ...shownDays.value.map(String)]);
const rows = computed(() =>
  walkOrder(experiment.value.units).map((unit) => {
    const values = new Map((curves.value.get(unit.unit) ?? []).map(({ day, value }) => [day, value]));
    const code = unit.status === 'active' ? unit.unit : `${unit.unit} ${unit.status}`;
    return [code, ...(experiment.value.blinded ? [] : [unit.arm]), ...shownDays.value.map((day) => shortly(values.get(day)))];
  }),
);

/** As it was read; what is worked out, to six digits. */
function shortly(value: number | undefined): string {
  return value === undefined ? '–' : String(Number(value.toPrecision(6)));
}
</script>

<template>
  <div class="head later">
    <h2>What was read</h2>
    <ChoiceField
      v-if="experiment.measures.length > 1"
      :value="measure.measure"
      :options="experiment.measures.map((own) => ({ value: own.measure, label: own.name }))"
      label="Which measure is shown"
      @change="shown = $event"
    />
    <ChoiceField v-if="ranges.length > 1" :value="range?.value" :options="ranges" label="Which days are shown" @change="chosen = $event" />
  </div>
  <p v-if="days.length === 0" class="soft">Nothing yet. After the first walk a row a {{ experiment.plan.unitWord }} stands here.</p>
  <DataTable v-else :caption="caption" :head="head" :rows="rows" :numbers-from="experiment.blinded ? 1 : 2" />
</template>
