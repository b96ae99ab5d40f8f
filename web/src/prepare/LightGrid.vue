<script setup lang="ts">
import { computed } from 'vue';
import { lightBlocks, typedNumber } from '@fern/core';

/** The places seen from above, each with its reading: tapped and typed one after another, brighter where there is more light. */
const readings = defineModel<string>({ required: true });
const props = defineProps<{ places: number; blocks: number }>();
const values = computed(() => readings.value.split(/[\s;]+/).filter((part) => part !== ''));
const rows = computed(() => {
  const count = Math.max(1, Math.ceil(values.value.length / Math.max(1, props.places)));
  return Array.from({ length: count }, (_, row) =>
    Array.from({ length: props.places }, (_, i) => values.value[row * props.places + i] ?? ''),
  );
});
const numbers = computed(() => rows.value.map((row) => row.map((text) => typedNumber(text) ?? NaN)));
const isWhole = computed(
  () => numbers.value.flat().every((value) => Number.isFinite(value) && value >= 0) && !rows.value.flat().includes(''),
);
const most = computed(() => Math.max(1, ...numbers.value.flat().filter(Number.isFinite)));
/** From the grey of a dark place to the yellow of the brightest. */
const shade = (value: number) =>
  `color-mix(in srgb, #ffd95e ${Number.isFinite(value) ? Math.round((value / most.value) * 100) : 0}%, #dfe3ea)`;
const cuts = computed(() => (isWhole.value ? lightBlocks(numbers.value, props.blocks) : null));
const isAfter = (between: 'places' | 'rows', at: number) => cuts.value?.between === between && cuts.value.cuts.includes(at);
function set(row: number, place: number, text: string): void {
  const flat = rows.value.flat();
  flat[row * props.places + place] = text.trim().split(/\s+/)[0] || '0';
  readings.value = flat.map((own) => (own === '' ? '0' : own)).join(' ');
}
/** On to the next place, as one walks along the shelf. */
function next(event: KeyboardEvent): void {
  const fields = [...((event.currentTarget as HTMLElement).querySelectorAll('input') ?? [])];
  fields[fields.indexOf(event.target as HTMLInputElement) + 1]?.select();
}
const addRow = () =>
  (readings.value = [...rows.value.flat().map((own) => own || '0'), ...Array.from({ length: props.places }, () => '0')].join(' '));
</script>

<template>
  <div class="board" role="group" aria-label="The light at each place" @keydown.enter.prevent="next">
    <div v-for="(row, r) in rows" :key="r" class="row" :class="{ cut: isAfter('rows', r + 1) }">
      <input
        v-for="(text, i) in row"
        :key="i"
        :value="text"
        inputmode="decimal"
        :aria-label="`Row ${r + 1}, place ${i + 1}`"
        :class="{ cut: isAfter('places', i + 1) }"
        :style="{ background: shade(numbers[r]?.[i] ?? NaN) }"
        @focus="($event.target as HTMLInputElement).select()"
        @change="set(r, i, ($event.target as HTMLInputElement).value)"
      />
    </div>
    <p class="small">
      <button type="button" class="link" @click="addRow">One more row</button>
      <span v-if="cuts" class="soft"> Thick lines: where a block should begin anew.</span>
    </p>
  </div>
</template>

<style scoped>
.board {
  margin: 14px 0;
  padding: 12px;
  border-top: 4px solid var(--pollen);
  background: var(--paper);
  overflow-x: auto;
}
.row {
  display: flex;
  gap: 4px;
  padding-bottom: 4px;
}
.row.cut {
  margin-bottom: 4px;
  border-bottom: 4px solid var(--ink);
}
input {
  flex: 1 1 0;
  width: 100%;
  min-width: 52px;
  height: 52px;
  border: 1px solid var(--line);
  border-radius: 9px;
  color: var(--ink);
  font: 500 15px var(--mono);
  text-align: center;
}
input.cut {
  margin-right: 3px;
  box-shadow: 5px 0 0 -1px var(--ink);
}
</style>
