<script setup lang="ts">
import { computed } from 'vue';
import { byCode, placeSeen, type Shown } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import DataTable from '../components/DataTable.vue';

/** The bench coloured by how far each unit lies from the mean of its arm, with what the place did in words. */
const props = defineProps<{ shown: Shown }>();
const seen = computed(() => placeSeen(props.shown));
const off = (value: number) => `${value > 0 ? '+' : value < 0 ? '−' : ''}${Number(Math.abs(value).toPrecision(3))}`;
const rows = computed(() => {
  const { units } = props.shown.study.experiment;
  return [...(seen.value?.off ?? [])].map(([code, by]) => {
    const unit = byCode(units, code);
    return [code, unit?.arm ?? '', String(unit?.row ?? ''), String(unit?.column ?? ''), off(by)];
  });
});
</script>

<template>
  <figure v-if="seen">
    <h3>{{ seen.sentences[0] }}</h3>
    <p v-for="line in seen.sentences.slice(1)" :key="line">{{ line }}</p>
    <BenchView v-bind="benchOf(shown.study.experiment)" :heat="seen.heat" />
    <figcaption class="soft small">
      Orange is above its group’s mean, blue is below; darker is further. Group and block differences are removed first.
    </figcaption>
    <details>
      <summary>Show the numbers</summary>
      <DataTable
        caption="How far each is from the mean of its group"
        hide-caption
        :head="['Unit', 'Group', 'Row', 'Position', 'From its group’s mean']"
        :rows="rows"
        :numbers-from="2"
      />
    </details>
  </figure>
</template>

<style scoped>
figure {
  margin: 0 0 22px;
}
</style>
