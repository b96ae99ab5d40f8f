<script setup lang="ts">
import type { Sentence } from '@fern/core';

/** A sentence with its computed facts underlined: they come from the data by reference. */
defineProps<{ sentence: Sentence }>();
</script>

<template>
  <template v-for="(piece, i) in sentence" :key="i"
    ><template v-if="typeof piece === 'string'">{{ piece }}</template
    ><span v-else class="fact" :title="`from the data: ${piece.fact}`">{{ piece.text }}</span></template
  >
</template>

<style scoped>
.fact {
  padding: 0 3px;
  border-bottom: 2px solid var(--sprout);
  border-radius: 2px;
  background: var(--sprout-wash);
}
@media print {
  .fact {
    padding: 0;
    border: 0;
    background: none;
  }
}
</style>
