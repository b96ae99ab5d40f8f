<script setup lang="ts">
import { computed } from 'vue';
import { weightOf, type VerdictCode } from '@fern/core';
import { colours } from '@fern/paper/look';

/** The weight of a verdict as a leaf: full, half, empty, turned, two that are level, or broken. Its words stand beside it. */
const props = defineProps<{ code: VerdictCode }>();
const weight = computed(() => weightOf(props.code)[0]);
const leaf = 'M5 37C3 17 15 5 39 4c0 23-10 35-30 33z';
const stroke = computed(() => (props.code === 'opposite' || props.code === 'not-a-fair-test' ? colours.rust : colours.sprout));
</script>

<template>
  <svg viewBox="0 0 44 44" width="44" height="44" aria-hidden="true" focusable="false">
    <defs>
      <clipPath id="half-leaf"><path d="M0 44L44 0V44z" /></clipPath>
    </defs>
    <g :transform="weight === 'turned' ? 'rotate(180 22 21)' : undefined">
      <template v-if="weight === 'level'">
        <path :d="leaf" transform="translate(-1 6) scale(.5)" :fill="colours.sproutWash" :stroke="stroke" stroke-width="4" />
        <path :d="leaf" transform="translate(22 6) scale(.5)" :fill="colours.sproutWash" :stroke="stroke" stroke-width="4" />
        <path d="M3 33h38" :stroke="stroke" stroke-width="2.4" />
      </template>
      <template v-else>
        <path :d="leaf" :fill="weight === 'full' || weight === 'turned' ? stroke : colours.paper" :stroke="stroke" stroke-width="2.4" />
        <path v-if="weight === 'half'" :d="leaf" :fill="stroke" clip-path="url(#half-leaf)" />
        <path d="M5 40L27 18" fill="none" :stroke="weight === 'full' || weight === 'turned' ? colours.ground : stroke" stroke-width="2.2" />
        <path v-if="weight === 'broken'" d="M8 6l9 9-4 4 9 8-4 5 12 8" fill="none" :stroke="colours.rust" stroke-width="2.6" />
      </template>
    </g>
  </svg>
</template>

<style scoped>
svg {
  flex: none;
}
</style>
