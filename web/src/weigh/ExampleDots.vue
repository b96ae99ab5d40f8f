<script setup lang="ts">
import { colours } from '@fern/paper/look';

/** How a result will look, drawn with an example that is made up. */
const rows = [
  { y: 34, fill: colours.paper, stroke: colours.ink, dots: [96, 118, 124, 140, 158, 171], mean: 134, from: 104, to: 164 },
  { y: 92, fill: colours.border, stroke: colours.soft, dots: [188, 204, 212, 226, 240, 263], mean: 222, from: 194, to: 250 },
] as const;
</script>

<template>
  <figure>
    <svg viewBox="0 0 340 140" role="img" aria-label="An example: six dots a group, with the mean of each and its interval">
      <g v-for="{ y, fill, stroke, dots, mean, from, to } in rows" :key="y">
        <circle v-for="x in dots" :key="x" :cx="x" :cy="y" r="5" :fill="fill" :stroke="stroke" stroke-width="1.5" />
        <path :d="`M${from} ${y + 18}H${to}`" :stroke="stroke" stroke-width="3.5" />
        <circle :cx="mean" :cy="y + 18" r="7" :fill="fill" :stroke="stroke" stroke-width="2" />
      </g>
      <path d="M60 128H320" :stroke="colours.line" stroke-width="1.5" />
    </svg>
    <figcaption class="soft small">An example, made up: two groups of six, each with its mean and what it may be.</figcaption>
  </figure>
</template>

<style scoped>
figure {
  max-width: 520px;
  margin: 18px 0;
}
svg {
  width: 100%;
}
</style>
