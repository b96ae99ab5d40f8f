<script setup lang="ts">
import { colours } from '@fern/paper/look';
import type { Board } from './benchGeometry';

/** A shelf of the bench with its name and its light. */
defineProps<{ board: Board; width: number }>();
const lights = { lamp: ' · lamp', window: ' · window on the left', outdoors: ' · outdoors', none: '' } as const;
</script>

<template>
  <g>
    <rect
      x="0.7"
      :y="board.y + 0.7"
      :width="width - 1.4"
      :height="board.height - 1.4"
      rx="10"
      :fill="colours.paper"
      :stroke="colours.line"
      stroke-width="1.4"
    />
    <rect v-if="board.light === 'lamp'" x="14" :y="board.y + 8" :width="width - 28" height="7" rx="3.5" fill="#F6E3A1" />
    <rect v-else-if="board.light === 'window'" x="6" :y="board.y + 14" width="5" :height="board.height - 28" rx="2.5" fill="#B9DCEB" />
    <text :x="width - 16" :y="board.y + 29" text-anchor="end" font-size="12" :fill="colours.soft">
      {{ board.name }}{{ lights[board.light] }}
    </text>
  </g>
</template>
