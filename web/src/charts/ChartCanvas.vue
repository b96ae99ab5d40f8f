<script setup lang="ts">
import type { ChartConfiguration } from 'chart.js';
import { registerCharts } from '@fern/paper/pictures';
import { onMounted, ref } from 'vue';
import { Chart } from 'vue-chartjs';
import { turn } from './turn';

registerCharts();

/** A picture of a configuration, drawn again when it changes. */
defineProps<{ configuration: ChartConfiguration; height: number; sentence: string }>();
const ready = ref(false);
// The canvas takes its letters from the page's fonts, which may still be on their way.
onMounted(async () => {
  await document.fonts.ready;
  await turn();
  ready.value = true;
});
</script>

<template>
  <div class="canvas" :style="{ height: `${height}px` }">
    <Chart
      v-if="ready"
      :type="configuration.type"
      :data="configuration.data"
      :options="configuration.options"
      :plugins="configuration.plugins"
      role="img"
      :aria-label="sentence"
    />
  </div>
</template>

<style scoped>
.canvas {
  position: relative;
}
</style>
