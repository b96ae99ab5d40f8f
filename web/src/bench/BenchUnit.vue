<script setup lang="ts">
import { computed } from 'vue';
import { badgeOf, type Arm, type Unit } from '@fern/core';
import { armStyle } from '@fern/paper/look';
import { badgePath } from '../groupBadge/badgePath';
import { colours } from '@fern/paper/look';
import type { Form } from './unitForm';
import UnitForm from './UnitForm.vue';

/** One unit on the bench with its stake. */
const props = defineProps<{
  unit: Unit;
  x: number;
  y: number;
  tile: number;
  arms: readonly Arm[];
  form: Form;
  blind?: boolean;
  current?: boolean;
  done?: boolean;
  heat?: number | null;
  held?: boolean;
  faded?: boolean;
  interactive?: boolean;
  /** Reached by Tab; the others by the arrow keys. */
  stop?: boolean;
  /** What a screen reader says of it. */
  label?: string;
}>();
defineEmits<{ press: [event: PointerEvent]; keys: [event: KeyboardEvent]; pick: []; focus: [] }>();

const r = computed(() => props.tile * 0.39);
const look = computed(() => armStyle(props.arms, props.unit.arm));
const gone = computed(() => props.unit.status === 'lost' || props.unit.status === 'excluded');
const fill = computed(() => {
  if (props.heat !== null && props.heat !== undefined) {
    const strength = Math.min(0.8, Math.abs(props.heat) * 0.8);
    return props.heat > 0 ? `rgba(213, 94, 0, ${strength})` : `rgba(0, 114, 178, ${strength})`;
  }
  return props.done ? '#DCEBD9' : '#F3EFE6';
});
const stakeSize = computed(() => Math.max(13, Math.min(22, props.tile * 0.34)));
</script>

<template>
  <g
    :transform="`translate(${x} ${y})`"
    :data-unit="unit.code"
    :class="{ interactive, held, faded, gone }"
    :tabindex="interactive ? (stop ? 0 : -1) : undefined"
    :role="interactive ? 'button' : 'img'"
    :aria-label="label"
    :aria-current="current || undefined"
    @focus="$emit('focus')"
    @pointerdown="$emit('press', $event)"
    @keydown="$emit('keys', $event)"
    @click="$emit('pick')"
  >
    <rect
      v-if="current || held"
      :x="-tile / 2 + 2"
      :y="-tile / 2 + 1"
      :width="tile - 4"
      :height="tile + 11"
      rx="9"
      :fill="colours.pollenWash"
      :stroke="colours.pollen"
      stroke-width="2"
    />
    <UnitForm :form="form" :r="r" :fill="fill" :unit="unit" :bare="heat !== null && heat !== undefined" />
    <template v-if="heat === null || heat === undefined">
      <path
        v-if="done"
        :d="`M${-r * 0.35} 0l${r * 0.28} ${r * 0.3}l${r * 0.5} ${-r * 0.6}`"
        fill="none"
        :stroke="colours.sprout"
        stroke-width="3"
      />
    </template>
    <path v-if="gone" :d="`M${-r} ${-r}L${r} ${r}M${r} ${-r}L${-r} ${r}`" :stroke="colours.rust" stroke-width="2" />
    <g v-if="!blind && (heat === null || heat === undefined)" :transform="`translate(${r - stakeSize * 0.6} ${-r - 6})`">
      <path
        :d="badgePath(stakeSize, stakeSize)"
        :fill="look.fill"
        :stroke="look.stroke"
        stroke-width="1.5"
        :stroke-dasharray="look.hollow && look.dash.length > 0 ? look.dash.join(' ') : undefined"
      />
      <text
        :x="stakeSize / 2"
        :y="stakeSize * 0.52"
        text-anchor="middle"
        :font-size="stakeSize * (unit.arm.length > 2 ? 0.38 : 0.46)"
        :fill="look.text"
        font-family="IBM Plex Mono"
        font-weight="500"
        >{{ badgeOf(arms, unit.arm).slice(0, 4) }}</text
      >
    </g>
    <text
      :y="r + 12"
      text-anchor="middle"
      font-family="IBM Plex Mono"
      :font-size="Math.max(7, Math.min(10.5, tile * 0.2))"
      :fill="colours.soft"
      >{{ unit.code }}</text
    >
  </g>
</template>

<style scoped>
.interactive {
  cursor: grab;
}
.faded {
  opacity: 0.25;
}
.gone {
  opacity: 0.6;
}
</style>
