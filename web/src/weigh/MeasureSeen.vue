<script setup lang="ts">
import { computed } from 'vue';
import { alsoSeen, picturesOf, sentenceText, type Measure, type MeasureResult, type Study } from '@fern/core';
import ChartFigure from '../charts/ChartFigure.vue';
import MeasureNumbers from './MeasureNumbers.vue';

/** A measure that does not decide: its picture, what was seen, its numbers. */
const props = defineProps<{ study: Study; measure: Measure; row: MeasureResult }>();
const pictures = computed(() => picturesOf({ study: props.study, measure: props.measure, result: props.row }));
</script>

<template>
  <article>
    <ChartFigure :picture="pictures[0]" />
    <p>{{ sentenceText(alsoSeen(row, measure, study.experiment.arms)) }}</p>
    <details>
      <summary>{{ pictures.length > 1 ? 'More pictures and all numbers' : 'All numbers' }}</summary>
      <ChartFigure v-for="picture in pictures.slice(1)" :key="picture.id" :picture="picture" />
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
