<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { cellGroups, countedTogether, type CellGroup, type RoundItem } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import Callout from '../components/Callout.vue';
import NumberField from '../components/NumberField.vue';
import UnitPicker from './UnitPicker.vue';

/** Many cells at once: each that has come up is tapped on the map, or the total of a tray is typed where nobody looked at each. */
const props = defineProps<{ items: readonly RoundItem[]; question: string; last: (item: RoundItem) => number | null }>();
const emit = defineEmits<{
  take: [seen: readonly RoundItem[], values: ReadonlyMap<string, number>, notes: ReadonlyMap<string, string>];
  close: [];
}>();
/** As they stood when the map was opened: what someone else reads meanwhile neither taps nor is corrected. */
const seen = props.items;
const { experiment } = useLoaded();
const groups = computed(() => cellGroups(experiment.value, seen));
const units = computed(() => experiment.value.units.filter(({ code: unit }) => known.value.has(unit)));
const known = computed(() => new Set(seen.map(({ unit }) => unit.code)));
const before: ReadonlySet<string> = new Set(
  seen.filter((item) => (item.reading?.value ?? props.last(item)) === 1).map(({ unit }) => unit.code),
);
const tapped = ref<ReadonlySet<string>>(before);
/** Groups of which only the total is known. */
const together = ref<ReadonlySet<string>>(new Set());

const countOf = ({ units }: CellGroup) => units.filter((code) => tapped.value.has(code)).length;
const fallen = computed(() =>
  [...before].filter(
    (code) => !tapped.value.has(code) && !groups.value.some((group) => together.value.has(group.name) && group.units.includes(code)),
  ),
);
function tap(code: string): void {
  tapped.value = new Set(tapped.value.has(code) ? [...tapped.value].filter((own) => own !== code) : [...tapped.value, code]);
  const own = groups.value.find(({ units }) => units.includes(code));
  together.value = new Set([...together.value].filter((name) => name !== own?.name));
}
function setTotal({ name, units }: CellGroup, total: number | null): void {
  if (total === null) return;
  const others = [...tapped.value].filter((code) => !units.includes(code));
  tapped.value = new Set([...others, ...units.slice(0, total)]);
  together.value = new Set([...together.value, name]);
}
function take(): void {
  const notes = groups.value
    .filter(({ name }) => together.value.has(name))
    .flatMap((group) => group.units.map((code) => [code, countedTogether(group, countOf(group))] as const));
  emit('take', seen, new Map([...known.value].map((code) => [code, tapped.value.has(code) ? 1 : 0])), new Map(notes));
}
</script>

<template>
  <section>
    <h1>{{ question }}</h1>
    <p class="soft">Tap each for which it is so. {{ tapped.size }} of {{ items.length }} tapped.</p>
    <UnitPicker :units="units" :picked="tapped" @pick="tap" />
    <p v-for="group in groups" :key="group.name" class="group">
      <b>{{ group.name }}</b>
      <NumberField
        :value="countOf(group)"
        :label="`Total of ${group.name}`"
        :min="0"
        :max="group.units.length"
        :width="80"
        @change="setTotal(group, $event)"
      />
      <span class="soft">of {{ group.units.length }}{{ together.has(group.name) ? ', counted together' : '' }}</span>
    </p>
    <Callout v-if="together.size > 0" severity="caution"
      >Where a total is typed, nobody knows which of them it was. There is no map then of what the place did, and the next count cannot be
      compared one by one. Each of these readings says so.</Callout
    >
    <Callout v-if="fallen.length > 0" severity="caution"
      >Not tapped now, and so on the walk before: {{ fallen.join(', ') }}. Leave it so where it is true.</Callout
    >
    <div class="thumb-buttons">
      <Button type="primary" size="large" class="next" @click="take">Keep all {{ items.length }}</Button>
      <Button size="large" @click="emit('close')">One by one instead</Button>
    </div>
  </section>
</template>

<style scoped>
h1 {
  margin: 6px 0;
  font-size: 21px;
}
.group {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: baseline;
  margin: 10px 0 0;
}
</style>
