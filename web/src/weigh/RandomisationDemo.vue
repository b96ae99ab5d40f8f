<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { usePreferredReducedMotion, useRafFn } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import { heapPicture, random, type RandomisationDemo } from '@fern/core';
import ChartFigure from '../charts/ChartFigure.vue';

/** Labels dealt again and again on the data themselves, until stopped; where motion is not wanted, in one go of a thousand. */
const props = defineProps<{ shuffle: RandomisationDemo }>();
const MOST = 5000;
const gaps = shallowRef<readonly number[]>([]);
const source = random(1);
const calm = usePreferredReducedMotion();
const running = ref(false);
const picture = computed(() => heapPicture(props.shuffle, gaps.value));

const dealMany = (count: number) => (gaps.value = [...gaps.value, ...Array.from({ length: count }, () => props.shuffle.deal(source))]);
/** Slow at first, so that each deal is seen; then quicker and quicker. */
const { pause, resume } = useRafFn(
  () => {
    dealMany(Math.min(40, 1 + Math.floor(gaps.value.length / 40)));
    if (gaps.value.length >= MOST) stop();
  },
  { immediate: false },
);

function start(): void {
  if (calm.value === 'reduce') return void dealMany(1000);
  running.value = true;
  resume();
}
function stop(): void {
  running.value = false;
  pause();
}
function again(): void {
  stop();
  gaps.value = [];
}
</script>

<template>
  <p class="lead">
    If the treatment did nothing, the names on the units mean nothing. So the names are dealt anew, and the gap is worked out again.
  </p>
  <p class="acts">
    <Button v-if="!running" type="primary" :disabled="gaps.length >= MOST" @click="start">{{
      gaps.length === 0 ? 'Deal the names' : 'Go on dealing'
    }}</Button>
    <Button v-else @click="stop">Stop</Button>
    <Button :disabled="running" @click="dealMany(1)">Deal once</Button>
    <Button :disabled="gaps.length === 0" @click="again">Begin again</Button>
    <span class="mono" role="status">{{ running ? '' : `${gaps.length} dealt` }}</span>
  </p>
  <ChartFigure :picture="picture" />
</template>

<style scoped>
.lead {
  max-width: 700px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
</style>
