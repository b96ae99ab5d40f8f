<script setup lang="ts">
import { computed } from 'vue';
import { alsoSeen, curvesPicture, mainPicture, sentenceText, type Measure, type MeasureResult, type Study } from '@fern/core';
import ChartFigure from '../charts/ChartFigure.vue';
import MeasureNumbers from './MeasureNumbers.vue';

/** A measure that does not decide: its picture, what was seen, its numbers. */
const props = defineProps<{ study: Study; measure: Measure; row: MeasureResult }>();
const curves = computed(() => curvesPicture(props.study, props.measure, props.row));
</script>

<template>
  <article>
    <ChartFigure :picture="mainPicture(study, measure, row)" />
    <p>{{ sentenceText(alsoSeen(row, measure, study.experiment.arms)) }}</p>
    <details>
      <summary>Numbers{{ curves ? ' and curves' : '' }}</summary>
      <ChartFigure v-if="curves" :picture="curves" />
      <MeasureNumbers :study="study" :measure="measure" :row="row" />
    </details>
  </article>
</template>

<style scoped>
article {
  padding: 12px 0;
  border-bottom: 1px solid var(--hair);
}
</style>
