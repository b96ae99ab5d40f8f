<script setup lang="ts">
import FrondMark from './FrondMark.vue';
</script>

<template>
  <header><FrondMark /><b>Fern Test</b></header>
</template>

<style scoped>
header {
  display: flex;
  gap: 9px;
  align-items: center;
  height: 52px;
  padding: 0 24px;
  background: var(--rail);
  color: #eaf2ea;
  font: 600 18px var(--head);
}
</style>
