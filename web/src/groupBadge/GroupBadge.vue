<script setup lang="ts">
import { computed } from 'vue';
import type { ArmStyle } from '@fern/paper/look';
import { badgePath } from './badgePath';

/** A plant label: an arm's or a unit's code on a slim tag with a pointed foot. */
const props = withDefaults(
  defineProps<{
    text: string;
    look: Pick<ArmStyle, 'stroke' | 'fill' | 'text' | 'dash' | 'hollow'>;
    size?: number;
    /** Where it stands in a picture that holds it. */
    x?: number;
    y?: number;
  }>(),
  { size: 36, x: 0, y: 0 },
);
const shown = computed(() => (props.text.length > 4 ? `${props.text.slice(0, 3)}…` : props.text));
const font = computed(() => props.size * (shown.value.length > 3 ? 0.27 : shown.value.length > 2 ? 0.31 : 0.38));
</script>

<template>
  <svg :x="x" :y="y" :width="size" :height="size" :viewBox="`0 0 ${size} ${size}`" aria-hidden="true" class="stake">
    <path
      :d="badgePath(size - 3, size - 3)"
      transform="translate(1.5 1.5)"
      :fill="look.fill"
      :stroke="look.stroke"
      stroke-width="1.6"
      :stroke-dasharray="look.hollow && look.dash.length > 0 ? look.dash.join(' ') : undefined"
    />
    <text
      :x="size / 2"
      :y="(size - 8) / 2 + font * 0.4"
      text-anchor="middle"
      :font-size="font"
      :fill="look.text"
      font-family="IBM Plex Mono"
      font-weight="500"
    >
      {{ shown }}
    </text>
  </svg>
</template>

<style scoped>
.stake {
  flex: none;
}
</style>
