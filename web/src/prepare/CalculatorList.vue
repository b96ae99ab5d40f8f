<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink, type RouteLocationRaw } from 'vue-router';
import { calculators, calculatorThemes, type Calculator } from '@fern/core';
import TextField from '../components/TextField.vue';

/** Every calculator by theme, and a field to find one. */
const props = defineProps<{ now: string; to: (id: string) => RouteLocationRaw }>();
const typed = ref('');
const isFound = ({ title, about, words }: Calculator) => {
  const all = [title, about, ...words].join(' ').toLowerCase();
  return typed.value
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word));
};
const shown = computed(() =>
  calculatorThemes
    .map(({ theme, title }) => ({ theme, title, own: calculators.filter((own) => own.theme === theme && isFound(own)) }))
    .filter(({ own }) => own.length > 0),
);
</script>

<template>
  <nav aria-label="Calculators">
    <TextField data-find :value="typed" label="Find a calculator" placeholder="Find: ppm, cups, lamp" @change="typed = $event" />
    <p v-if="shown.length === 0" class="soft">No calculator has “{{ typed }}” in it. Try a plainer word: water, light, spoon.</p>
    <div v-for="{ theme, title, own } in shown" :key="theme">
      <h2>{{ title }}</h2>
      <ul class="bare-list">
        <li v-for="calculator in own" :key="calculator.id">
          <RouterLink :to="props.to(calculator.id)" :aria-current="calculator.id === now ? 'page' : undefined">{{
            calculator.title
          }}</RouterLink>
        </li>
      </ul>
    </div>
  </nav>
</template>

<style scoped>
h2 {
  margin: 14px 0 2px;
}
a {
  display: block;
  padding: 3px 0;
  font-size: var(--type-small);
  text-decoration: none;
}
a:hover {
  text-decoration: underline;
}
a[aria-current] {
  color: var(--ink);
  font-weight: 700;
}
a[aria-current]::before {
  content: '▸ ';
}
@media (max-width: 900px) {
  a {
    min-height: 44px;
    padding: 10px 0;
  }
}
</style>
