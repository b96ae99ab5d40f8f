<script setup lang="ts">
import { computed } from 'vue';
import { experimentFrom, type ReadyQuestion } from '@fern/core';
import { armStyle } from '@fern/paper/look';
import { unitForm } from '../bench/unitForm';
import UnitForm from '../bench/UnitForm.vue';

/** A question's bench in small: its units in their blocks, by arm, under what gives them light. */
const props = defineProps<{ question: ReadyQuestion }>();
const WIDTH = 168;
const HEIGHT = 96;
const GAP = 5;

const made = computed(() => experimentFrom(props.question, { created: '2026-01-01', startOn: '2026-01-01', seed: 3 }));
const form = computed(() => unitForm(props.question.unitNoun));
const shelves = computed(() => {
  const { plan, units } = made.value;
  const rows = plan.bench.reduce((sum, shelf) => sum + shelf.rows, 0);
  const columns = Math.max(...plan.bench.map((shelf) => shelf.columns));
  const step = Math.min((WIDTH - 8) / columns, (HEIGHT - plan.bench.length * (GAP + 6)) / rows);
  let first = 1;
  let top = 4;
  return plan.bench.map((shelf) => {
    const [from, at] = [first, top];
    first += shelf.rows;
    top += shelf.rows * step + GAP + 6;
    const own = units.filter(({ row }) => row !== null && row >= from && row < from + shelf.rows);
    return {
      light: shelf.light,
      y: at,
      width: columns * step,
      height: shelf.rows * step,
      units: own.map((unit) => ({
        unit,
        x: 4 + ((unit.column ?? 1) - 0.5) * step,
        y: at + 4 + ((unit.row ?? from) - from + 0.5) * step,
        r: step * 0.4,
        look: armStyle(made.value.arms, unit.arm),
      })),
    };
  });
});
const bottom = computed(() => Math.max(...shelves.value.map(({ y, height }) => y + height)) + 8);
const ground = computed(() => (props.question.light === 'outdoors' ? '#DDE6CF' : '#FFFFFF'));
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${bottom}`" :width="WIDTH" :height="bottom" aria-hidden="true">
    <g v-for="(shelf, i) in shelves" :key="i">
      <rect x="2" :y="shelf.y + 2" :width="shelf.width + 4" :height="shelf.height + 4" rx="3" :fill="ground" stroke="#CBD5CB" />
      <rect
        v-if="shelf.light === 'lamp'"
        x="10"
        :y="shelf.y - 1"
        :width="Math.max(8, shelf.width - 12)"
        height="2.6"
        rx="1.3"
        fill="#E2A400"
      />
      <rect v-if="shelf.light === 'window'" x="0" :y="shelf.y + 2" width="3" :height="shelf.height + 4" fill="#8FC1DA" />
      <g v-for="{ unit, x, y, r, look } in shelf.units" :key="unit.code" :transform="`translate(${x} ${y})`">
        <UnitForm :form="form" :r="r" :fill="look.hollow ? '#FFFFFF' : look.fill" :unit="unit" bare />
      </g>
    </g>
  </svg>
</template>
