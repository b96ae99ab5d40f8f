<script setup lang="ts">
import { computed } from 'vue';
import {
  armsTable,
  blocksTable,
  categoriesTable,
  comparisonsTable,
  effectsTable,
  otherwiseTable,
  sproutingTable,
  termsTable,
  testsTable,
  trendSentence,
  type Measure,
  type MeasureResult,
  type Study,
} from '@fern/core';
import DataTable from '../components/DataTable.vue';

/** All numbers of a measure, as a course report asks for them. */
const props = defineProps<{ study: Study; measure: Measure; row: MeasureResult }>();
const trend = computed(() => trendSentence(props.study, props.measure, props.row));
const tables = computed(() => {
  const { study, measure, row } = props;
  const all = [
    armsTable(study, measure, row),
    row.comparisons.length > 0 ? comparisonsTable(study, measure, row) : null,
    effectsTable(measure, row),
    categoriesTable(study, measure),
    blocksTable(study, measure, row),
    sproutingTable(study, measure, row),
    otherwiseTable(study, measure, row),
    termsTable(measure, row),
    testsTable(study, measure, row),
  ];
  return all.filter((table) => table !== null);
});
</script>

<template>
  <DataTable v-for="table in tables" :key="table.caption" v-bind="table" />
  <p v-if="trend">{{ trend }}</p>
  <p v-for="reason in row.reasons" :key="reason" class="soft small">{{ reason }}</p>
</template>
