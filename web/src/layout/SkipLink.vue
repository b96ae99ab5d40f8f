<script setup lang="ts">
import { focusOnText } from './useArrival';

/** Past the rail and the trail, for whoever goes by keyboard. */
function skip(): void {
  const main = document.querySelector<HTMLElement>('main');
  if (main) focusOnText(main);
}
</script>

<template>
  <a href="#content" class="skip" @click.prevent="skip">Skip to the page</a>
</template>

<style scoped>
.skip {
  position: absolute;
  z-index: 30;
  top: 4px;
  left: 8px;
  padding: 10px 16px;
  border-radius: var(--radius);
  background: var(--paper);
}
.skip:not(:focus) {
  width: 1px;
  height: 1px;
  padding: 0;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
