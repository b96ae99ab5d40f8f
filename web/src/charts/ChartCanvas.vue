<script setup lang="ts">
import type { ChartConfiguration } from 'chart.js';
import { onMounted, ref } from 'vue';
import { Chart, type ChartComponentRef } from 'vue-chartjs';
import './chartSetup';

/** A picture of a configuration, drawn again when it changes. */
defineProps<{ configuration: ChartConfiguration; height: number; sentence: string }>();
const drawn = ref<ChartComponentRef | null>(null);
const ready = ref(false);
// The canvas takes its letters from the page's fonts, which may still be on their way.
onMounted(async () => {
  await document.fonts.ready;
  ready.value = true;
});

defineExpose({ png: () => drawn.value?.chart?.toBase64Image('image/png') ?? '' });
</script>

<template>
  <div class="canvas" :style="{ height: `${height}px` }">
    <Chart
      v-if="ready"
      ref="drawn"
      :type="configuration.type"
      :data="configuration.data"
      :options="configuration.options"
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
