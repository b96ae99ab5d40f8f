<script setup lang="ts">
import type { NeighbourGap } from './benchGeometry';

/** The gap between two neighbours: a barrier, or room for one. */
defineProps<{ gap: NeighbourGap; tile: number; movable: boolean }>();
const emit = defineEmits<{ barrier: [row: number, column: number] }>();
</script>

<template>
  <g
    :transform="`translate(${gap.x + tile / 2} ${gap.y})`"
    class="gap"
    :class="{ movable }"
    @click="movable && emit('barrier', gap.unit.row ?? 1, gap.unit.column ?? 1)"
  >
    <title>{{ gap.stands ? 'Take the barrier away' : `Barrier between ${gap.unit.code} and ${gap.right.code}` }}</title>
    <rect x="-3" :y="-tile * 0.4" width="6" :height="tile * 0.8" fill="transparent" />
    <rect x="-1.8" :y="-tile * 0.42" width="3.6" :height="tile * 0.84" rx="1.8" :class="gap.stands ? 'stands' : 'could'" />
  </g>
</template>

<style scoped>
.gap.movable {
  cursor: pointer;
}
.stands {
  fill: #6b4f2a;
}
.could {
  fill: transparent;
}
.gap.movable:hover .could {
  fill: #cbb894;
}
</style>
