<script setup lang="ts">
import { computed } from 'vue';
import {
  armsTable,
  comparisonsTable,
  showP,
  sproutingTable,
  termsTable,
  trendSentence,
  type Measure,
  type MeasureResult,
  type Study,
} from '@fern/core';
import BlockTable from '../frame/BlockTable.vue';

/** The numbers of a measure: against the control first, then each arm, then every test. */
const props = defineProps<{ study: Study; measure: Measure; row: MeasureResult }>();
const terms = computed(() => termsTable(props.measure, props.row));
const trend = computed(() => trendSentence(props.study, props.measure, props.row));
const fast = computed(() => sproutingTable(props.study, props.measure, props.row));
const tests = computed(() =>
  props.row.tests.map((test) => ({
    name: `${test.method}${test.arm ? `, ${test.arm} against ${test.versus ?? ''}` : ''}`,
    statistic: `${test.statistic.name}${test.df.length > 0 ? ` (${test.df.map((df) => Math.round(df * 100) / 100).join(', ')})` : ''} = ${Number(test.statistic.value.toPrecision(4))}`,
    p: showP(test.p),
    how: [
      test.exact === undefined
        ? ''
        : test.exact
          ? `exact, ${test.arrangements?.toLocaleString('en-GB') ?? ''} arrangements`
          : `${test.arrangements?.toLocaleString('en-GB') ?? ''} draws, seed ${test.seed ?? ''}`,
      test.ignoresUnits ? 'counts seeds as if each were a unit' : '',
    ]
      .filter(Boolean)
      .join('; '),
  })),
);
</script>

<template>
  <BlockTable v-if="row.comparisons.length > 0" :block="comparisonsTable(study, measure, row)" />
  <BlockTable :block="armsTable(study, measure, row)" />
  <BlockTable v-if="fast" :block="fast" />
  <BlockTable v-if="terms" :block="terms" />
  <p v-if="trend">{{ trend }}</p>
  <p v-for="reason in row.reasons" :key="reason" class="soft small">{{ reason }}</p>
  <details v-if="tests.length > 0">
    <summary>Every test, as course reports ask for them</summary>
    <div class="scroll" tabindex="0" role="region" aria-label="Every test">
      <table class="plain">
        <thead>
          <tr>
            <th>Test</th>
            <th>Statistic</th>
            <th class="n">p</th>
            <th>How</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(test, i) in tests" :key="i">
            <td>{{ test.name }}</td>
            <td>{{ test.statistic }}</td>
            <td class="n">{{ test.p }}</td>
            <td class="soft">{{ test.how }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </details>
</template>

<style scoped>
details {
  margin: 6px 0 10px;
}
</style>
