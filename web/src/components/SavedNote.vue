<script setup lang="ts">
import { savedAs } from './savedAs';
</script>

<template>
  <p class="note" :class="{ quiet: savedAs === null }" role="status">
    <template v-if="savedAs !== null">Saved as a file, among your downloads: {{ savedAs }}</template>
  </p>
</template>

<style scoped>
.note {
  position: fixed;
  z-index: 15;
  bottom: 14px;
  left: 14px;
  max-width: calc(100vw - 28px);
  margin: 0;
  padding: 8px 14px;
  border: 1px solid var(--sprout);
  border-radius: var(--radius);
  background: var(--paper);
  overflow-wrap: anywhere;
}
.quiet {
  padding: 0;
  border: 0;
}
@media print {
  .note {
    display: none;
  }
}
</style>
