<script setup lang="ts">
import { useAppUpdate } from '../offline/appUpdate';

/** A newer version of the app waits; it is taken when the person says so, with everything stored first. */
const { ready, take } = useAppUpdate();
</script>

<template>
  <p v-if="ready" class="newer" role="status">
    A newer version of Fern Test is here. <button type="button" class="link" @click="take">Use it now</button>
  </p>
</template>

<style scoped>
.newer {
  position: fixed;
  z-index: 30;
  bottom: 14px;
  left: 14px;
  margin: 0;
  padding: 8px 14px;
  border: 1px solid var(--line);
  border-radius: 7px;
  background: var(--paper);
}
@media print {
  .newer {
    display: none;
  }
}
</style>
