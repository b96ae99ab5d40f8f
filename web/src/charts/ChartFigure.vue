<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Picture } from '@fern/core';
import DataTable from '../kit/DataTable.vue';
import StakeMark from '../stake/StakeMark.vue';
import { armStyle } from '../stake/armStyle';
import { LazyCanvas } from './lazyCanvas';
import { curvesConfiguration } from './curvesConfiguration';
import { dotsConfiguration } from './dotsConfiguration';

/** A picture with a title that states the finding, what its bars mean, its data as a table, and a way to save it. */
const props = withDefaults(defineProps<{ picture: Picture; heading?: 'h1' | 'h2' | 'h3' }>(), { heading: 'h3' });
const tableOpen = ref(false);
const canvas = ref<InstanceType<typeof LazyCanvas> | null>(null);

const configuration = computed(() =>
  props.picture.kind === 'dots' ? dotsConfiguration(props.picture) : curvesConfiguration(props.picture),
);
const height = computed(() => (props.picture.kind === 'dots' ? Math.max(150, 64 + props.picture.arms.length * 58) : 270));
const number = (value: number | null) => (value === null ? '–' : String(Math.round(value * 100) / 100));

const table = computed(() => {
  const { picture } = props;
  if (picture.kind === 'dots') {
    return {
      head: ['Arm', 'Mean', '95 % interval', 'Each unit'],
      rows: picture.arms.map((arm) => [
        arm.name,
        number(arm.mean),
        arm.interval ? `${number(arm.interval[0])} to ${number(arm.interval[1])}` : '–',
        arm.units.map(({ unit, value }) => `${unit} ${number(value)}`).join(', '),
      ]),
    };
  }
  const days = [...new Set(picture.arms.flatMap((arm) => arm.points.map((point) => point.day)))].sort((a, b) => a - b);
  return {
    head: ['Arm', ...days.map((day) => `day ${day}`)],
    rows: picture.arms.map((arm) => [arm.name, ...days.map((day) => number(arm.points.find((point) => point.day === day)?.mean ?? null))]),
  };
});
const sentence = computed(() => {
  const { picture } = props;
  const arms =
    picture.kind === 'dots'
      ? picture.arms.map((arm) => `${arm.name} mean ${number(arm.mean)}`)
      : picture.arms.map((arm) => `${arm.name} ends at ${number(arm.points.at(-1)?.mean ?? null)}`);
  return `${picture.title}. ${picture.axis}: ${arms.join(', ')}.`;
});

function savePng(): void {
  const link = document.createElement('a');
  link.href = canvas.value?.png() ?? '';
  link.download = `${props.picture.title.replace(/[^\p{L}\p{N}]+/gu, '-').slice(0, 60)}.png`;
  link.click();
}
</script>

<template>
  <figure>
    <component :is="heading" class="title">{{ picture.title }}</component>
    <ul v-if="picture.kind === 'curves'" class="legend">
      <li v-for="arm in picture.arms" :key="arm.arm">
        <StakeMark :text="arm.arm" :look="armStyle(picture.arms, arm.arm)" :size="26" />{{ arm.name }}
      </li>
    </ul>
    <LazyCanvas ref="canvas" :configuration="configuration" :height="height" :sentence="sentence" />
    <figcaption class="soft small">
      {{ picture.note }}
      <span class="tools">
        <button type="button" class="link" :aria-expanded="tableOpen" @click="tableOpen = !tableOpen">
          {{ tableOpen ? 'Hide the numbers' : 'Show the numbers' }}
        </button>
        <button type="button" class="link" @click="savePng">Save as PNG</button>
      </span>
    </figcaption>
    <DataTable v-if="tableOpen" caption="The numbers" hide-caption :head="table.head" :rows="table.rows" />
  </figure>
</template>

<style scoped>
figure {
  margin: 0 0 22px;
}
.title {
  margin-bottom: 8px;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  margin: 0 0 6px;
  padding: 0;
  font-size: 14.5px;
  list-style: none;
}
.legend li {
  display: flex;
  gap: 7px;
  align-items: center;
}
.tools {
  display: inline-flex;
  gap: 14px;
  margin-left: 10px;
}
@media print {
  .tools {
    display: none;
  }
}
</style>
