<script setup lang="ts">
import { computed } from 'vue';
import { shelfRows, type Shelf, type Unit } from '@fern/core';
import DataTable from '../components/DataTable.vue';

/** The bench as a table: a row of places a line, and a cell for each unit that stands there. */
const props = defineProps<{
  units: readonly Unit[];
  shelves: readonly Shelf[];
  wordsOf: (unit: Unit) => readonly string[];
  current: string | null;
}>();

const columns = computed(() => Math.max(0, ...props.units.map(({ column }) => column ?? 0)));
const head = computed(() => ['', ...Array.from({ length: columns.value }, (_, i) => `place ${i + 1}`)]);
const cellOf = (unit: Unit | undefined) =>
  unit ? [unit.code, ...props.wordsOf(unit), ...(unit.code === props.current ? ['here now'] : [])].join(', ') : '';
const rows = computed(() =>
  shelfRows(props.shelves).flatMap(({ shelf, first, last }) =>
    Array.from({ length: last - first + 1 }, (_, i) => {
      const inRow = new Map(props.units.flatMap((unit) => (unit.row === first + i ? [[unit.column, unit] as const] : [])));
      const name = last > first ? `${shelf.name}, row ${i + 1}` : shelf.name;
      return [name, ...Array.from({ length: columns.value }, (_none, at) => cellOf(inRow.get(at + 1)))];
    }),
  ),
);
</script>

<template>
  <DataTable caption="The bench, place by place" :head="head" :rows="rows" />
</template>
