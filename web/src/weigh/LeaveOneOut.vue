<script setup lang="ts">
import { Checkbox } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { dotsPicture, type Shown } from '@fern/core';
import ChartFigure from '../charts/ChartFigure.vue';

/** What one unit does to the picture, by leaving it out there. The verdict stays as it is. */
const props = defineProps<{ shown: Shown }>();
const out = ref<readonly string[]>([]);
const toggle = (unit: string) => (out.value = out.value.includes(unit) ? out.value.filter((own) => own !== unit) : [...out.value, unit]);
const picture = computed(() => {
  const { study, measure, result } = props.shown;
  const left = result.values.filter(({ unit }) => !out.value.includes(unit));
  const arms = result.arms.map((arm) => ({ ...arm, units: left.filter((own) => own.arm === arm.arm).length }));
  const shown = dotsPicture({ study, measure, result: { ...result, values: left, arms } });
  return out.value.length === 0 ? shown : { ...shown, title: `${measure.name} without ${out.value.join(', ')}: look at the means` };
});
</script>

<template>
  <p>Leave one out to see what it does to the means. This changes the picture only, never the verdict.</p>
  <ul class="bare-list units">
    <li v-for="{ unit } in shown.result.values" :key="unit">
      <Checkbox :checked="out.includes(unit)" @change="toggle(unit)"
        ><span class="mono">{{ unit }}</span></Checkbox
      >
    </li>
  </ul>
  <ChartFigure :picture="picture" />
</template>

<style scoped>
.units {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  max-height: 150px;
  margin-bottom: 12px;
  overflow: auto;
}
</style>
