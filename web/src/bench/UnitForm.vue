<script setup lang="ts">
import { computed } from 'vue';
import type { Unit } from '@fern/core';
import type { Form } from './unitForm';

/** What a unit is, from above: its outline, and unless a map needs the space what is in it. */
const props = defineProps<{ form: Form; r: number; fill: string; unit: Pick<Unit, 'code' | 'sown'>; bare?: boolean }>();
const isRound = computed(() => ['dish', 'glass', 'bottle'].includes(props.form));
/** Half of the width and of the height, and how far the corners are rounded. */
const box = computed(() => {
  const { r, form } = props;
  if (form === 'tank') return { w: r * 1.08, h: r * 0.86, round: r * 0.16 };
  if (form === 'tray') return { w: r, h: r * 0.82, round: r * 0.1 };
  if (form === 'bag') return { w: r * 0.74, h: r * 0.9, round: r * 0.2 };
  if (form === 'towel') return { w: r, h: r * 0.6, round: r * 0.3 };
  return { w: r, h: r, round: form === 'cell' ? r * 0.08 : form === 'plant' ? r * 0.9 : r * 0.28 };
});
const MOST_SEEDS = 7;
const seeds = computed(() => {
  const { form, unit, r } = props;
  const count = form === 'dish' || form === 'towel' ? Math.min(MOST_SEEDS, unit.sown ?? 0) : 0;
  return Array.from({ length: count }, (_, i) => {
    const angle = i * 2.4 + unit.code.charCodeAt(unit.code.length - 1);
    const out = (r - 8) * Math.sqrt((i + 0.5) / MOST_SEEDS);
    return { cx: out * Math.cos(angle), cy: out * Math.sin(angle) * (form === 'towel' ? 0.5 : 1) };
  });
});
/** Leaves around the middle; each stands for a cutting, or they are one plant's. */
const leaves = computed(() => {
  const { form, unit } = props;
  if (form === 'glass')
    return Array.from(
      { length: Math.max(1, Math.min(5, unit.sown ?? 1)) * 2 },
      (_, i) => (i * 360) / (Math.max(1, Math.min(5, unit.sown ?? 1)) * 2),
    );
  return form === 'plant' ? [0, 72, 144, 216, 288] : form === 'tank' ? [20, 160, 200, 340] : [];
});
</script>

<template>
  <circle v-if="isRound" :r="r" :fill="fill" stroke="#7C8F86" stroke-width="1.3" />
  <rect
    v-else
    :x="-box.w"
    :y="-box.h"
    :width="2 * box.w"
    :height="2 * box.h"
    :rx="box.round"
    :fill="fill"
    stroke="#7C8F86"
    stroke-width="1.3"
    :stroke-dasharray="form === 'plant' ? '3 3' : undefined"
  />
  <g v-if="!bare" class="inside">
    <circle v-if="form === 'dish'" :r="r - 4" fill="none" stroke="#C9D2C8" />
    <circle v-if="form === 'pot'" :r="r * 0.55" fill="#D9CDB6" />
    <rect v-if="form === 'cell'" :x="-r * 0.62" :y="-r * 0.62" :width="r * 1.24" :height="r * 1.24" fill="#D9CDB6" />
    <circle v-if="form === 'glass'" :r="r * 0.8" fill="#D6E8EF" />
    <template v-if="form === 'bottle'">
      <circle :r="r * 0.72" fill="#D6E8EF" />
      <circle :r="r * 0.3" :fill="fill" stroke="#7C8F86" />
    </template>
    <rect v-if="form === 'tank'" :x="-r * 0.94" :y="-r * 0.72" :width="r * 1.88" :height="r * 1.44" :rx="r * 0.1" fill="#C9E0EA" />
    <path
      v-if="form === 'tray'"
      :d="`M${-r * 0.33} ${-r * 0.82}V${r * 0.82}M${r * 0.33} ${-r * 0.82}V${r * 0.82}M${-r} 0H${r}`"
      stroke="#C4B89C"
    />
    <path v-if="form === 'bag'" :d="`M${-r * 0.74} ${-r * 0.5}H${r * 0.74}M0 ${-r * 0.9}V${-r * 1.15}`" stroke="#A58F66" fill="none" />
    <path v-if="form === 'towel'" :d="`M${-r * 0.5} ${-r * 0.6}V${r * 0.6}M${r * 0.5} ${-r * 0.6}V${r * 0.6}`" stroke="#D6CDB8" />
    <g v-for="turn in leaves" :key="turn" :transform="`rotate(${turn})`">
      <ellipse :cx="r * 0.42" :rx="r * 0.3" :ry="r * 0.13" fill="#7DAA6A" />
    </g>
    <ellipse v-for="(seed, i) in seeds" :key="i" v-bind="seed" rx="2.4" ry="1.7" fill="#8A6B3F" />
  </g>
</template>
