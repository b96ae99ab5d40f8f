<script setup lang="ts">
import { computed } from 'vue';
import {
  armsTable,
  blocksTable,
  categoriesTable,
  kindOf,
  comparisonsTable,
  effectsTable,
  otherwiseTable,
  sproutingTable,
  termsTable,
  trendSentence,
  type Measure,
  type MeasureResult,
  type Study,
} from '@fern/core';
import { testRows } from './testRows';
import DataTable from '../kit/DataTable.vue';

/** The numbers of a measure: against the control first, then each arm, then every test. */
const props = defineProps<{ study: Study; measure: Measure; row: MeasureResult }>();
const terms = computed(() => termsTable(props.measure, props.row));
const trend = computed(() => trendSentence(props.study, props.measure, props.row));
const fast = computed(() => sproutingTable(props.study, props.measure, props.row));
const categories = computed(() => categoriesTable(props.study, props.measure));
const blocks = computed(() => blocksTable(props.study, props.measure, props.row));
const effects = computed(() => effectsTable(props.measure, props.row));
const otherwise = computed(() => otherwiseTable(props.study, props.measure, props.row));
const tests = computed(() => testRows(props.row, kindOf(props.measure).wording(props.measure, props.row.share).scale));
</script>

<template>
  <DataTable v-if="effects" v-bind="effects" />
  <DataTable v-if="row.comparisons.length > 0" v-bind="comparisonsTable(study, measure, row)" />
  <DataTable v-if="otherwise" v-bind="otherwise" />
  <DataTable v-bind="armsTable(study, measure, row)" />
  <DataTable v-if="categories" v-bind="categories" />
  <DataTable v-if="blocks" v-bind="blocks" />
  <DataTable v-if="fast" v-bind="fast" />
  <DataTable v-if="terms" v-bind="terms" />
  <p v-if="trend">{{ trend }}</p>
  <p v-for="reason in row.reasons" :key="reason" class="soft small">{{ reason }}</p>
  <details v-if="tests.length > 0">
    <summary>Every test, as course reports ask for them</summary>
    <DataTable caption="Every test" hide-caption :head="['Test', 'Statistic', '95 % interval', 'p', 'How']" :rows="tests" />
  </details>
</template>

<style scoped>
details {
  margin: 6px 0 10px;
}
</style>
