<script setup lang="ts">
import type { ChartConfiguration } from 'chart.js';
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import { Chart } from './chartSetup';

/** A Chart.js picture of a configuration, drawn again when it changes. */
const props = defineProps<{ configuration: ChartConfiguration; height: number; sentence: string }>();
const canvas = ref<HTMLCanvasElement | null>(null);
const chart = shallowRef<Chart | null>(null);

function draw(): void {
  chart.value?.destroy();
  if (canvas.value) chart.value = new Chart(canvas.value, props.configuration);
}
// The canvas takes its letters from the page's fonts, which may still be on their way.
onMounted(() => void document.fonts.ready.then(draw));
watch(() => props.configuration, draw);
onBeforeUnmount(() => chart.value?.destroy());

defineExpose({ png: () => chart.value?.toBase64Image('image/png') ?? '' });
</script>

<template>
  <div class="canvas" :style="{ height: `${height}px` }"><canvas ref="canvas" role="img" :aria-label="sentence" /></div>
</template>

<style scoped>
.canvas {
  position: relative;
}
</style>
