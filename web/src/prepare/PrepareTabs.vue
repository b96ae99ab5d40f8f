<script setup lang="ts">
import { RouterLink } from 'vue-router';

/** The pages of Prepare, in the order in which one comes to need them. */
const pages = [
  ['prepare', 'Steps'],
  ['kit', 'Kit'],
  ['labels', 'Labels'],
  ['put-out', 'Put out'],
  ['wall', 'Wall page'],
  ['reckon', 'Calculators'],
] as const;
</script>

<template>
  <nav class="tabs" aria-label="Prepare">
    <RouterLink v-for="[name, words] in pages" :key="name" :to="{ name }" :aria-current="undefined" exact-active-class="now">{{
      words
    }}</RouterLink>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  margin-bottom: 14px;
}
a {
  padding: 4px 0;
  color: var(--soft);
  font-weight: 700;
  text-decoration: none;
}
a:hover {
  text-decoration: underline;
}
.now {
  border-bottom: 3px solid var(--sprout);
  color: var(--ink);
}
@media (max-width: 900px) {
  a {
    min-height: 44px;
    padding: 10px 0;
  }
}
@media print {
  .tabs {
    display: none;
  }
}
</style>
