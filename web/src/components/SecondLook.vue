<script setup lang="ts">
import { counted } from '@fern/core';

/** What can be taken and is unlikely: a line each, so that somebody looks again. */
defineProps<{ lines: readonly string[]; word: string }>();
/** More of them nobody reads one by one. */
const MOST_SHOWN = 100;
</script>

<template>
  <div v-if="lines.length > 0" class="look" role="status">
    <b>{{ counted(lines.length, word) }} worth a second look.</b> <slot />
    <ul>
      <li v-for="(line, i) in lines.slice(0, MOST_SHOWN)" :key="i">{{ line }}</li>
    </ul>
    <template v-if="lines.length > MOST_SHOWN">And {{ lines.length - MOST_SHOWN }} more.</template>
  </div>
</template>

<style scoped>
.look {
  max-height: 220px;
  margin: 8px 0;
  padding: 8px 12px;
  border-radius: var(--radius);
  background: var(--pollen-wash);
  overflow: auto;
}
ul {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
